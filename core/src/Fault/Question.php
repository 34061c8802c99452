<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * The one observation that would tell most, and how much.
 */
final readonly class Question
{
    public Verdict $verdict;

    public function __construct(
        public Sign $sign,
        /** Expected, in bits. */
        public float $information,
    ) {
        $this->verdict = Verdict::of(match ($sign->place()) {
            Place::Sound => 'ask.listen',
            Place::Feeling => 'ask.feel',
            Place::Beat => 'ask.count',
            Place::Rope => 'ask.rope',
            default => 'ask.look',
        }, ['sign' => Term::of($sign)]);
    }
}
