# Writes the bands that the survival package of R gives to goes of a rope, as survival-bands.json has them:
#   Rscript core/tests/Story/files/survival-bands.R > core/tests/Story/files/survival-bands.json
# A miss after x reps is an event at x + 1, a go stopped after x is seen up to x.
library(survival)
cases <- list(
  list(reps = c(3, 5, 5, 8, 12, 14, 14, 20, 23, 31), miss = c(1, 1, 0, 1, 1, 1, 0, 1, 0, 1)),
  list(reps = c(0, 1, 1, 2, 2, 2, 3, 4, 6, 9, 9, 11, 15), miss = c(1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 0, 1, 0)),
  list(reps = c(50, 50, 50, 41, 38, 22, 50, 17), miss = c(0, 0, 0, 1, 1, 1, 0, 1)),
  list(reps = c(7, 7, 7, 7, 7), miss = c(1, 1, 1, 1, 0)),
  list(reps = c(4, 9, 2), miss = c(1, 0, 1))
)
number <- function(x) ifelse(is.na(x), "null", formatC(x, digits = 12, format = "g"))
rows <- sapply(cases, function(one) {
  times <- one$reps + one$miss
  fit <- survfit(Surv(times, one$miss) ~ 1, conf.type = "log-log")
  at <- fit$n.event > 0
  points <- sprintf("[%d, %s, %s, %s]", as.integer(fit$time[at]), number(fit$surv[at]), number(fit$lower[at]), number(fit$upper[at]))
  sprintf('  {"reps": [%s], "miss": [%s], "points": [%s]}',
    paste(one$reps, collapse = ", "), paste(one$miss, collapse = ", "), paste(points, collapse = ", "))
})
cat("[\n", paste(rows, collapse = ",\n"), "\n]\n", sep = "")
