package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.setting.rolling.Equilibrium.Settled;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The pair anew by another way: a rigid hub that moves along, across and in tilt on single rollers at their true places, settled
 * by minimising its energy. It knows neither load zones nor effective centres.
 */
class EnergyTest {

    private static final int ROLLERS = 400;
    private static final double N = LoadZone.EXPONENT;

    @ParameterizedTest
    @CsvSource({
        "0.25,0",
        "0.127,0",
        "0.0254,0",
        "0,0",
        "-0.015,0",
        "-0.05,0",
        "-0.1,0",
        "0.0254,0.1",
        "0.05,-0.1",
        "0,0.25"
    })
    void theMinimumOfTheEnergyIsWhereThePairSettles(double play, double side) {
        WheelLoad load = ModelHub.load().cornering(side);
        var settled = (Settled) ModelHub.PAIR.settle(Length.ofMillimetres(play), load);

        var hub = new Hub(play, load);
        hub.settle();

        assertThat(hub.thrust(true))
                .isCloseTo(
                        settled.inner().axial(), within(2e-4 * settled.inner().axial() + 0.1));
        assertThat(hub.thrust(false))
                .isCloseTo(
                        settled.outer().axial(), within(2e-4 * settled.inner().axial() + 0.1));
        assertThat(hub.heaviest(true) * ROLLERS / ModelHub.INNER.rollers())
                .isCloseTo(
                        settled.inner().heaviestRoller(),
                        within(2e-3 * settled.inner().heaviestRoller()));
        assertThat(hub.heaviest(false) * ROLLERS / ModelHub.OUTER.rollers())
                .isCloseTo(
                        settled.outer().heaviestRoller(),
                        within(2e-3 * settled.outer().heaviestRoller()));
    }

    /** x outboard from the inner bearing's centre, y up; the hub moves by u along x, v along y, and turns by t about z. */
    private static final class Hub {

        private final double play;
        private final WheelLoad load;
        private double[] moved;

        Hub(double play, WheelLoad load) {
            this.play = play;
            this.load = load;
            // lifted so far that both bearings carry
            this.moved = new double[] {0, Math.abs(play) + 0.05, 0};
        }

        void settle() {
            for (int round = 0; round < 200; round++) {
                double[] gradient = new double[3];
                double[][] curvature = new double[3][3];
                double energy = energy(moved, gradient, curvature);
                double[] step = solve(curvature, gradient);
                double share = 1;
                double[] next = along(step, share);
                while (share > 1e-12 && energy(next, new double[3], new double[3][3]) > energy) {
                    share *= 0.5;
                    next = along(step, share);
                }
                moved = next;
                if (Math.abs(step[0]) + Math.abs(step[1]) + 100 * Math.abs(step[2]) < 1e-13) {
                    return;
                }
            }
        }

        private double[] along(double[] step, double share) {
            return new double[] {moved[0] - share * step[0], moved[1] - share * step[1], moved[2] - share * step[2]};
        }

        double thrust(boolean inner) {
            double sum = 0;
            for (int i = 0; i < ROLLERS; i++) {
                sum += force(inner, i) * bearing(inner).sine();
            }
            return sum;
        }

        double heaviest(boolean inner) {
            double most = 0;
            for (int i = 0; i < ROLLERS; i++) {
                most = Math.max(most, force(inner, i));
            }
            return most;
        }

        private double force(boolean inner, int i) {
            double deep = approach(inner, i, moved);
            return deep > 0 ? stiffness(inner) * Math.pow(deep, N) : 0;
        }

        private double energy(double[] at, double[] gradient, double[][] curvature) {
            double fz = load.weight().newtons();
            double fy = load.side().newtons();
            double x = load.offset().millimetres();
            double radius = load.rollingRadius().millimetres();
            // the road lifts at the tyre's foot and pushes inboard there
            double[] work = {-fy, fz, fz * x - fy * radius};
            double energy = -(work[0] * at[0] + work[1] * at[1] + work[2] * at[2]);
            for (int k = 0; k < 3; k++) {
                gradient[k] = -work[k];
            }
            for (boolean inner : new boolean[] {true, false}) {
                double stiff = stiffness(inner);
                for (int i = 0; i < ROLLERS; i++) {
                    double deep = approach(inner, i, at);
                    if (deep <= 0) {
                        continue;
                    }
                    energy += stiff * Math.pow(deep, N + 1) / (N + 1);
                    double[] way = way(inner, i);
                    double force = stiff * Math.pow(deep, N);
                    double slope = N * force / deep;
                    for (int k = 0; k < 3; k++) {
                        gradient[k] += force * way[k];
                        for (int l = 0; l < 3; l++) {
                            curvature[k][l] += slope * way[k] * way[l];
                        }
                    }
                }
            }
            return energy;
        }

        /** How deep a roller is pressed; the play is all on the outer bearing. */
        private double approach(boolean inner, int i, double[] at) {
            double[] way = way(inner, i);
            double given = inner ? 0 : play * bearing(false).sine();
            return way[0] * at[0] + way[1] * at[1] + way[2] * at[2] - given;
        }

        /** By how much a roller is pressed for each of the three movements: the cup's point moves against its normal. */
        private double[] way(boolean inner, int i) {
            RollerBearing bearing = bearing(inner);
            double psi = 2 * Math.PI * i / ROLLERS;
            double reach = bearing.pitch() / 2 * bearing.tangent();
            double px = inner ? reach : ModelHub.PAIR.spread() - reach;
            double py = bearing.pitch() / 2 * Math.cos(psi);
            // force on the cup: outward, and away from the other bearing's side
            double ex = inner ? bearing.sine() : -bearing.sine();
            double ey = bearing.cosine() * Math.cos(psi);
            return new double[] {-ex, -ey, ex * py - ey * px};
        }

        private static RollerBearing bearing(boolean inner) {
            return inner ? ModelHub.INNER : ModelHub.OUTER;
        }

        private static double stiffness(boolean inner) {
            return bearing(inner).stiffness() * bearing(inner).rollers() / ROLLERS;
        }

        /** Cramer's rule. */
        private static double[] solve(double[][] a, double[] b) {
            double det = det(a);
            double[] x = new double[3];
            for (int k = 0; k < 3; k++) {
                double[][] with = {a[0].clone(), a[1].clone(), a[2].clone()};
                for (int row = 0; row < 3; row++) {
                    with[row][k] = b[row];
                }
                x[k] = det(with) / det;
            }
            return x;
        }

        private static double det(double[][] m) {
            return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                    - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                    + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
        }
    }
}
