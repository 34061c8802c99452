# Poisson regressions of misses on practices, with and without weights: Rscript trends.R > trends.json
set.seed(20261128)
cases <- lapply(1:12, function(i) {
  k <- sample(5:10, 1)
  n <- sample(40:160, k, replace = TRUE)
  x <- if (i %% 3 == 0) c(rep(0, k - 2), 1, 1) else (0:(k - 1)) / (k - 1)
  m <- rbinom(k, n, pmin(0.6, 0.08 * exp(runif(1, -1, 1.2) * x)))
  if (sum(m) < 3) m[1] <- 5
  K <- c(100, 60, 1e9)[i %% 3 + 1]
  fit <- suppressWarnings(glm(m ~ x + offset(log(n)), family = poisson, weights = 1 / (1 + (n - 1) / (K + 1)), epsilon = 1e-14, maxit = 100))
  s <- summary(fit, dispersion = 1)$coefficients
  q <- summary(update(fit, family = quasipoisson))$coefficients
  rows <- paste(sprintf("[%.12g, %d, %d]", x, n, m), collapse = ", ")
  sprintf('  {"sessions": [%s], "concentration": %.10g, "slope": %.10g, "error": %.10g, "quasi": %.10g}', rows, K, s[2, 1], s[2, 2], q[2, 2])
})
cat("[\n", paste(cases, collapse = ",\n"), "\n]\n", sep = "")
