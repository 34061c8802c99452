<?php

declare(strict_types=1);

/*
 * hear FOLDER: writes NAME.heard.json beside each NAME.wav, prints seconds of sound, seconds taken.
 * long FILE TIMES: hears the same minute so often as one recording, prints minutes, seconds taken, peak bytes.
 * events: reads an hour of 10,000 jumps from a sensor, prints milliseconds.
 */

use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Rhythm\Take;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\WavReader;

require __DIR__.'/../core/autoload.php';
require __DIR__.'/../core/bin/DiskFiles.php';

/** @return iterable<string> one head, and the sound so often */
function repeated(string $path, int $times): iterable
{
    $bytes = (string) file_get_contents($path);
    $size = strlen($bytes) - 44;
    yield substr_replace(
        substr_replace(substr($bytes, 0, 44), pack('V', 36 + $times * $size), 4, 4),
        pack('V', $times * $size),
        40,
        4,
    );
    for ($i = 0; $i < $times * $size; $i += 65_536) {
        $piece = substr($bytes, 44 + ($i % $size), min(65_536, $times * $size - $i));
        yield $piece;
        $i -= 65_536 - max(1, strlen($piece));
    }
}

[, $what, $path, $times] = $argv + [1 => 'events', '', 1];
if ('hear' === $what) {
    $sound = $taken = 0.0;
    foreach (array_filter((array) glob($path.'/*.wav'), is_string(...)) as $wav) {
        $began = hrtime(true);
        $heard = Ear::hear(WavReader::open((new DiskFiles())->read($wav) ?? []));
        $taken += (hrtime(true) - $began) / 1e9;
        $sound += $heard->seconds;
        file_put_contents(
            substr($wav, 0, -3).'heard.json',
            json_encode([
                'turns_s' => $heard->take->turnsS,
                'landings_s' => $heard->take->landingsS,
                'passes' => $heard->take->passes(),
                'counts' => $heard->counts,
            ]),
        );
    }
    printf("%.3f %.3f\n", $sound, $taken);
} elseif ('long' === $what) {
    $began = hrtime(true);
    $heard = Ear::hear(WavReader::open(repeated($path, (int) $times)));
    printf("%.3f %.3f %d\n", $heard->seconds / 60, (hrtime(true) - $began) / 1e9, memory_get_peak_usage(true));
} else {
    $take = SimulatedJumper::jump(Pattern::parse('3s d'), Rate::perMinute(167), 1800, 0.03, JumperFault::None, 1);
    $later = static fn (float $at): float => $at + 1800;
    $began = hrtime(true);
    $reading = RhythmReport::of(
        Take::of(
            [...$take->turnsS, ...array_map($later, $take->turnsS)],
            [...$take->landingsS, ...array_map($later, $take->landingsS)],
        ),
        Pattern::parse('3s d'),
    );
    printf("%.1f %d\n", (hrtime(true) - $began) / 1e6, count($reading->passes));
}
