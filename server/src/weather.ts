import { answerWeather, InputError, writeWeather } from '@rimbo/core'
import { json, Router } from 'express'

/**
 * The simulated weather service: one endpoint, JSON in and out.
 *
 * `POST /api/weather` with a `WeatherRequest` gives a `rimbo-weather` file: days
 * past and a forecast of seven days whose error grows by the day. It is invented,
 * and the same for the same seed and date. Described in docs/weather-service.md.
 */
export function weatherService(): Router {
  const router = Router()
  router.post('/api/weather', json({ limit: '20kb' }), (request, response) => {
    try {
      response.type('application/json').send(writeWeather(answerWeather(request.body)))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      const { code, params, faults } = error
      response.status(400).json({ code, params, faults })
    }
  })
  return router
}
