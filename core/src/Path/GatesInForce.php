<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * The gates of one athlete: the usual ones of how they are taught, as the gym asks them, as a coach set or waived one.
 */
final readonly class GatesInForce
{
    /**
     * @param array<string, GateSetting> $settings by stage
     * @param array<string, string>      $waived   why, by stage
     */
    private function __construct(public Ways $ways, private array $settings, private array $waived)
    {
    }

    public static function usual(Ways $ways): self
    {
        return new self($ways, [], []);
    }

    /** What is asked at a stage instead of the usual: the later one counts. */
    public function asking(Stage $stage, GateSetting $setting): self
    {
        return new self(
            $this->ways,
            array_replace($this->settings, [$stage->value => $setting]),
            array_diff_key($this->waived, [$stage->value => true]),
        );
    }

    /** @param string $reason why the gate of a stage is not asked */
    public function waiving(Stage $stage, string $reason): self
    {
        return new self($this->ways, $this->settings, array_replace($this->waived, [$stage->value => $reason]));
    }

    /** Null: the last stage. */
    public function at(Stage $stage): ?Gate
    {
        $usual = GateTable::of($stage, $this->ways);
        if (null === $usual) {
            return null;
        }
        $gate = ($this->settings[$stage->value] ?? GateSetting::usual())->on($usual);

        return isset($this->waived[$stage->value]) ? $gate->waivedBecause($this->waived[$stage->value]) : $gate;
    }

    /** Of the stage after one, by how they are taught. */
    public function after(Stage $stage): ?Gate
    {
        $after = $this->ways->method->after($stage);

        return null === $after ? null : $this->at($after);
    }

    /** Of the stage before one. */
    public function before(Stage $stage): ?Gate
    {
        $before = $this->ways->method->before($stage);

        return null === $before ? null : $this->at($before);
    }
}
