import sys

import pandas as pd

d = pd.read_csv(sys.argv[1])
f = d.present_ms.diff().iloc[1:]
m = f.rolling(51, center=True, min_periods=26).median()
r = d[d.kind == "rendered"].present_ms
e = (d.displayed_ms.diff() - d.content_ms.diff()).iloc[1:].abs()
print(f.describe(), f.quantile([0.05, 0.95, 0.99, 0.999]), ((f > 2 * m) & (f > m + 4)).sum(), 1000 / r.diff().mean(), e.mean(), e.quantile(0.95))
