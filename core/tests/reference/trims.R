# The change of misses per try with its 95 % interval, and the tries on each length that would show a doubling, by R's
# stats package (prop.test without continuity correction; power.prop.test, power 0.8). Run: Rscript trims.R > trims.json
cases <- list(
  c(380, 11, 240, 6), c(420, 20, 204, 4), c(420, 20, 210, 10), c(420, 20, 218, 18),
  c(72, 12, 32, 2), c(1530, 30, 840, 40), c(99, 9, 33, 3), c(600, 60, 600, 24)
)
rows <- sapply(cases, function(k) {
  test <- suppressWarnings(prop.test(c(k[4], k[2]), c(k[3], k[1]), correct = FALSE))
  p <- k[2] / k[1]
  n <- power.prop.test(p1 = p, p2 = 2 * p, power = 0.8)$n
  sprintf('{"before": [%d, %d], "after": [%d, %d], "interval": [%.8f, %.8f], "tries": %.4f}',
          k[1], k[2], k[3], k[4], test$conf.int[1], test$conf.int[2], n)
})
cat('{\n"origin": "R stats: prop.test and power.prop.test; trims.R; pairs are tries and misses among them",\n"cases": [\n')
cat(paste(rows, collapse = ",\n"))
cat('\n]\n}\n')
