export { duesAhead, duesToday } from './dues'
