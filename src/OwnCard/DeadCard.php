<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard;

use Zumbo\App\Platform\Problem\Problem;
use Zumbo\App\Platform\Problem\Refusal;

/**
 * A link that opens no card. Whoever tries one at random learns nothing; whoever held it learns that it has ended.
 */
final class DeadCard extends \RuntimeException implements Refusal
{
    private function __construct(private readonly int $status, private readonly string $title, string $detail)
    {
        parent::__construct($detail);
    }

    public static function unknown(): self
    {
        return new self(404, 'No card at this link', 'This link opens no card, or it was not copied whole. Ask your coach for it again.');
    }

    public static function ended(): self
    {
        return new self(410, 'This card has ended', 'Your coach has taken this link back, or its time is over. Ask for a new one.');
    }

    public function problem(): Problem
    {
        return Problem::of($this->status, $this->title, $this->getMessage());
    }
}
