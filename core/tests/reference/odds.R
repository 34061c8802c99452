# Log-odds of a rep over practices, penalised: the maximum by optim (BFGS), variances by its numerical Hessian.
# R 4.2, stats. Run: Rscript odds.R > odds.json
cases <- list(
  rising = list(made = c(20, 25, 30, 40, 44, 52), missed = c(10, 9, 9, 8, 6, 5)),
  flat = list(made = c(80, 70, 90, 85), missed = c(8, 8, 9, 9)),
  falling = list(made = c(95, 60, 40), missed = c(2, 6, 9)),
  one = list(made = c(12), missed = c(3))
)
level <- c(2, 2.5); slope <- c(0.05, 0.05); k <- 100
rows <- c()
for (name in names(cases)) {
  s <- cases[[name]]
  n <- s$made + s$missed
  x <- seq_along(n) - length(n)
  w <- 1 / (1 + pmax(0, n - 1) / (k + 1))
  f <- function(p) {
    eta <- p[1] + p[2] * x
    -sum(w * (s$made * eta - n * log1p(exp(eta)))) +
      (p[1] - level[1])^2 / (2 * level[2]^2) + (p[2] - slope[1])^2 / (2 * slope[2]^2)
  }
  o <- optim(c(2, 0.05), f, method = "BFGS", control = list(reltol = 1e-15, maxit = 1000, parscale = c(1, 0.05)))
  o <- optim(o$par, f, method = "BFGS", control = list(reltol = 1e-16, maxit = 1000, parscale = c(1, 0.05)))
  h <- optimHess(o$par, f, control = list(ndeps = c(1e-4, 1e-5)))
  v <- solve(h)
  rows <- c(rows, sprintf(
    '"%s": {"made": [%s], "missed": [%s], "level": %.8f, "slope": %.8f, "level_variance": %.8f, "slope_variance": %.10f, "covariance": %.10f}',
    name, paste(s$made, collapse = ", "), paste(s$missed, collapse = ", "), o$par[1], o$par[2], v[1, 1], v[2, 2], v[1, 2]
  ))
}
cat('{\n"origin": "R optim and optimHess; odds.R",\n"cases": {\n')
cat(paste(rows, collapse = ",\n"))
cat('\n}\n}\n')
