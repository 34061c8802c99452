# P(at least m misses in n tries), the rate beta-distributed around p with concentration 100: the beta-binomial tail by
# R's lchoose and lbeta. Run: Rscript stops.R > stops.json
cases <- list(c(16, 71, 0.04), c(8, 40, 0.05), c(20, 60, 0.25), c(9, 300, 0.02), c(30, 50, 0.5), c(8, 8, 0.01))
rows <- sapply(cases, function(k) {
  a <- 100 * k[3]; b <- 100 * (1 - k[3]); j <- k[1]:k[2]
  chance <- sum(exp(lchoose(k[2], j) + lbeta(j + a, k[2] - j + b) - lbeta(a, b)))
  sprintf('{"misses": %d, "tries": %d, "rate": %g, "chance": %.12f}', k[1], k[2], k[3], chance)
})
cat('{\n"origin": "R base: lchoose and lbeta; stops.R",\n"cases": [\n')
cat(paste(rows, collapse = ",\n"))
cat('\n]\n}\n')
