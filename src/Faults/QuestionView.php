<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Fault\Question;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\LengthUnit;

/**
 * The one observation that would tell most.
 */
final readonly class QuestionView
{
    private function __construct(public Sign $sign, public SentenceView $question)
    {
    }

    public static function of(Question $question): self
    {
        return new self($question->sign, SentenceView::of($question->verdict, LengthUnit::Centimetre));
    }
}
