<?php

declare(strict_types=1);

/*
 * `./zumbo calc`: reads the words and standard input, prints the answer. Exit 0 done, 2 bad input, 1 internal fault.
 */

use Zumbo\Core\Calc\CommandLine;

require __DIR__.'/../autoload.php';
require __DIR__.'/DiskFiles.php';

try {
    $words = array_values(array_filter(array_slice((array) ($_SERVER['argv'] ?? []), 1), is_string(...)));
    $wantsInput = in_array('--json', $words, true) && count($words) <= 2 && !stream_isatty(\STDIN);
    $answer = CommandLine::answer(
        $words,
        $wantsInput ? (string) stream_get_contents(\STDIN) : null,
        $wantsInput ? null : new DiskFiles(),
    );
    fwrite(\STDOUT, $answer->out);
    fwrite(\STDERR, $answer->error);
    exit($answer->exit);
} catch (Throwable $e) {
    fwrite(\STDERR, 'internal fault: '.$e->getMessage()."\n");
    exit(CommandLine::FAULT);
}
