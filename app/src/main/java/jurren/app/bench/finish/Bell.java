package jurren.app.bench.finish;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** Two short tones when a step is over. A machine without sound stays silent. */
final class Bell {
    private static final float RATE = 22_050;
    private static final double[] TONES_HZ = {880, 1320};
    private static final double TONE_S = 0.18;

    private Bell() {}

    static void ring() {
        Thread.ofVirtual().start(() -> {
            try (SourceDataLine line = AudioSystem.getSourceDataLine(new AudioFormat(RATE, 8, 1, true, false))) {
                byte[] wave = wave();
                line.open();
                line.start();
                line.write(wave, 0, wave.length);
                line.drain();
            } catch (LineUnavailableException | IllegalArgumentException e) {
                System.getLogger(Bell.class.getName()).log(System.Logger.Level.DEBUG, "no sound on this machine", e);
            }
        });
    }

    /** Each tone swells and fades, so that it does not click. */
    static byte[] wave() {
        int each = (int) (RATE * TONE_S);
        byte[] wave = new byte[each * TONES_HZ.length];
        for (int i = 0; i < wave.length; i++) {
            double t = (i % each) / (double) each;
            wave[i] = (byte) (90 * Math.sin(Math.PI * t) * Math.sin(2 * Math.PI * TONES_HZ[i / each] * i / RATE));
        }
        return wave;
    }
}
