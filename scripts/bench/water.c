/* The hourly water balance of one cell in plain C: the same steps as
 * core/kernel/waterHours.ts, to hold that against. Compiled by the bench where a
 * compiler is at hand; not part of the program. Prints nanoseconds an hour and the
 * litres drawn, so that both can be seen to have done the same. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define A_DAY 24

typedef struct {
  double *missing, *driest, *reservoir, *had, *given, *drained, *used;
} Run;

static double least(double a, double b) { return a < b ? a : b; }
static double most(double a, double b) { return a > b ? a : b; }

static double simulate(int days, const double *mm_h, const double *sum_mm, const double *leaf_m2,
                       const double *open_m2, const double *rain_l, const double *crop_mm,
                       double wall_m2, const double *given_l, const unsigned char *visit,
                       double available, double easy_share, double surface, double repellent,
                       Run out) {
  double missing = 0, reservoir = 0, dried = 0, total = 0;
  double leaf = 0, open = 0, rain = 0, free_l = 0, stressed = 0;
  double a_litre = 1 / available;
  int day = -1, hours = days * A_DAY;
  for (int hour = 0; hour < hours; hour++) {
    if (hour / A_DAY != day) {
      day = hour / A_DAY;
      leaf = leaf_m2[day];
      open = open_m2[day];
      rain = rain_l[day] / A_DAY;
      free_l = available * most(0.1, least(0.8, easy_share + 0.04 * (5 - crop_mm[day])));
      stressed = available - free_l;
    }
    double mm = mm_h[hour], given = given_l[hour];
    if (visit[hour]) {
      double wanted = 0;
      int until = hour + visit[hour] < hours ? hour + visit[hour] : hours;
      for (int next = hour, of = day; next < until; of++) {
        int end = (of + 1) * A_DAY < until ? (of + 1) * A_DAY : until;
        double drawing = leaf_m2[of] + open_m2[of] + wall_m2;
        wanted += (sum_mm[end] - sum_mm[next]) * drawing - rain_l[of] * (end - next) / A_DAY;
        next = end;
      }
      double left = missing - least(given, missing);
      if (left + wanted > free_l) {
        double past = 0.03 + repellent * 0.6 * most(0, missing * a_litre - 0.6) / 0.4;
        double wish = left / (1 - past);
        if (wish > 0.05 + 0.1 * wanted) given += wish;
      }
    }
    double landed = given + rain, running = 0;
    if (landed > 0) {
      double past =
          given > 0 ? given * (0.03 + repellent * 0.6 * most(0, missing * a_litre - 0.6) / 0.4) : 0;
      double taken = least(missing, landed - past);
      missing -= taken;
      running = landed - taken;
      dried = most(0, dried - landed / surface);
    }
    double open_l = dried <= 9 ? mm * open : mm * open * (21.5 - dried) / 12.5;
    double left = available - missing;
    double stress = left >= stressed ? 1 : left > 0 ? left / stressed : 0;
    double drawn = (mm * leaf + open_l) * stress + mm * wall_m2 * left * a_litre;
    if (drawn > left) drawn = left > 0 ? left : 0;
    missing += drawn;
    dried = least(21.5, dried + open_l * stress / surface);
    total += drawn;
    out.missing[hour] = missing;
    out.driest[hour] = missing * a_litre;
    out.reservoir[hour] = reservoir;
    out.had[hour] = stress;
    out.given[hour] = given;
    out.drained[hour] = running;
    out.used[hour] = drawn;
  }
  return total;
}

static double *row(FILE *file, int count) {
  double *values = malloc(sizeof(double) * count);
  if (fread(values, sizeof(double), count, file) != (size_t)count) exit(1);
  return values;
}

/* A file of doubles: days, runs, wall, available, easy share, surface, repellent, then
 * the rows: mm and its sums by the hour, given, visits, and by the day leaf, open,
 * rain, crop mm. */
int main(int argc, char **argv) {
  FILE *file = argc > 1 ? fopen(argv[1], "rb") : NULL;
  if (!file) return 1;
  double *head = row(file, 7);
  int days = (int)head[0], runs = (int)head[1], hours = days * A_DAY;
  double *mm = row(file, hours), *sums = row(file, hours + 1), *given = row(file, hours);
  double *visit_h = row(file, hours);
  double *leaf = row(file, days), *open = row(file, days), *rain = row(file, days);
  double *crop = row(file, days);
  unsigned char *visit = malloc(hours);
  for (int hour = 0; hour < hours; hour++) visit[hour] = (unsigned char)visit_h[hour];
  Run out = {malloc(8 * hours), malloc(8 * hours), malloc(8 * hours), malloc(8 * hours),
             malloc(8 * hours), malloc(8 * hours), malloc(8 * hours)};
  double total = 0, best = 1e30;
  for (int pass = 0; pass < 9; pass++) {
    struct timespec start, end;
    clock_gettime(CLOCK_MONOTONIC, &start);
    for (int run = 0; run < runs; run++)
      total = simulate(days, mm, sums, leaf, open, rain, crop, head[2], given, visit, head[3],
                       head[4], head[5], head[6], out);
    clock_gettime(CLOCK_MONOTONIC, &end);
    double ns = (end.tv_sec - start.tv_sec) * 1e9 + (end.tv_nsec - start.tv_nsec);
    if (ns < best) best = ns;
  }
  printf("%.4f %.9f\n", best / ((double)runs * hours), total);
  return 0;
}
