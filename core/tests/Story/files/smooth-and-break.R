# Makes smooth-and-break.json: R's own lowess, and strucchange's exact least squares with one break.
# Rscript core/tests/Story/files/smooth-and-break.R > core/tests/Story/files/smooth-and-break.json
suppressMessages(library(strucchange))
set.seed(20)
number <- function(x) paste0("[", paste(sprintf("%.12g", x), collapse = ", "), "]")
cases <- c()
for (case in 1:14) {
  n <- sample(9:40, 1)
  # Days of takes: some on one day, and a long pause now and then.
  day <- cumsum(sample(c(0, 1, 2, 3, 7, 21), n, replace = TRUE))
  if (length(unique(day)) == 1) day <- seq_len(n)
  step <- sample(c(0, 0, 4, 9, 14), 1)
  beat <- round(100 + step * (seq_len(n) > n * runif(1, 0.3, 0.7)) + rnorm(n, sd = 3), 1)
  if (case %% 4 == 0) beat[sample(n, 1)] <- 160
  smooth <- lowess(day, beat, f = 2 / 3, iter = 3, delta = 0)$y
  # lowess gives them in the order of the days: they are in order.
  found <- breakpoints(beat ~ 1, h = 4, breaks = 1)
  place <- breakpoints(found, breaks = 1)$breakpoints
  rss <- found$RSS.table
  fit <- breakpoints(found, breaks = 1)
  cases <- c(cases, sprintf('{"day": %s, "beat": %s, "smooth": %s, "place": %d, "squares": %.12g, "one": %.12g}',
    number(day), number(beat), number(smooth), place, fit$RSS, sum((beat - mean(beat))^2)))
}
cat("[\n", paste(cases, collapse = ",\n"), "\n]\n", sep = "")
