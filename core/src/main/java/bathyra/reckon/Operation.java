package bathyra.reckon;

import java.util.List;

/** An arithmetic step: it computes the value and writes the formula, so that the two cannot differ. */
enum Operation {
    SUM(1) {
        @Override
        double apply(double[] x) {
            double sum = 0;
            for (double value : x) {
                sum += value;
            }
            return sum;
        }

        @Override
        String write(List<String> x) {
            StringBuilder text = new StringBuilder(x.get(0));
            for (String next : x.subList(1, x.size())) {
                // A cutter takes 1.0 off; nobody adds −1.0.
                text.append(next.startsWith("−") ? " − " + next.substring(1) : " + " + next);
            }
            return text.toString();
        }
    },
    DIFFERENCE(1) {
        @Override
        double apply(double[] x) {
            return x[0] - x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + " − " + x.get(1);
        }
    },
    PRODUCT(2) {
        @Override
        double apply(double[] x) {
            return x[0] * x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + " × " + x.get(1);
        }
    },
    QUOTIENT(2) {
        @Override
        double apply(double[] x) {
            return x[0] / x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + " ÷ " + x.get(1);
        }
    },
    SMALLER(3) {
        @Override
        double apply(double[] x) {
            return Math.min(x[0], x[1]);
        }

        @Override
        String write(List<String> x) {
            return "the smaller of " + x.get(0) + " and " + x.get(1);
        }
    },
    LARGER(3) {
        @Override
        double apply(double[] x) {
            return Math.max(x[0], x[1]);
        }

        @Override
        String write(List<String> x) {
            return "the larger of " + x.get(0) + " and " + x.get(1);
        }
    },
    LEG(3) {
        @Override
        double apply(double[] x) {
            return Math.sqrt(Math.max(0, x[0] * x[0] - x[1] * x[1]));
        }

        @Override
        String write(List<String> x) {
            return "√(" + x.get(0) + "² − " + x.get(1) + "²)";
        }
    },
    HYPOTENUSE(3) {
        @Override
        double apply(double[] x) {
            return Math.hypot(x[0], x[1]);
        }

        @Override
        String write(List<String> x) {
            return "√(" + x.get(0) + "² + " + x.get(1) + "²)";
        }
    },
    ROUNDED_DOWN(3) {
        @Override
        double apply(double[] x) {
            // A length that is a whole number of steps but for the last digit is not to lose a step.
            return Math.floor(x[0] / x[1] + 1e-9) * x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + ", rounded down to a multiple of " + x.get(1);
        }
    },
    ROUNDED_UP(3) {
        @Override
        double apply(double[] x) {
            return Math.ceil(x[0] / x[1] - 1e-9) * x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + ", rounded up to a multiple of " + x.get(1);
        }
    },
    ROUNDED(3) {
        @Override
        double apply(double[] x) {
            return Math.round(x[0] / x[1] + 1e-7) * x[1];
        }

        @Override
        String write(List<String> x) {
            return x.get(0) + ", rounded to " + x.get(1);
        }
    },
    CHOSEN(3) {
        @Override
        double apply(double[] x) {
            return x[0];
        }

        @Override
        String write(List<String> x) {
            return x.get(0);
        }
    };

    private final int binding;

    Operation(int binding) {
        this.binding = binding;
    }

    /** How tightly the operation binds: 1 sums, 2 products, 3 words. An operand that binds less tightly takes brackets. */
    int binding() {
        return binding;
    }

    abstract double apply(double[] operands);

    abstract String write(List<String> operands);
}
