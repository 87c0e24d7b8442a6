import sys

import numpy as np

d = np.genfromtxt(sys.argv[1], delimiter=",", skip_header=1, usecols=(0, 1, 2))
f = np.diff(d[:, 0])
e = np.abs(np.diff(d[:, 1]) - np.diff(d[:, 2]))
print(f.mean(), f.std(ddof=1), np.quantile(f, [0.05, 0.5, 0.95, 0.99, 0.999]), e.mean(), np.quantile(e, 0.95))
