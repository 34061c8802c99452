<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\OneJump;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\Rest;
use Zumbo\Core\Rhythm\Work;
use Zumbo\Core\Stage\Stage;

/**
 * How an athlete comes from singles to linked doubles (common practice, no published source). Whatever offers a pattern
 * asks allows() first: drills, ladders, sets, examples.
 */
enum Method: string
{
    /** Singles with one double among them, then fewer singles or more doubles. */
    case Pattern = 'pattern';
    /** No singles and doubles by turns: every jump the same height and the same length. */
    case EvenJump = 'even-jump';
    /** No run-in: slow rope, and the double is the first jump of its go. */
    case StandingStart = 'standing-start';
    /** Tall singles first; then nothing changes but the wrist. */
    case SameJump = 'same-jump';

    /** Whether it jumps this. What holds no double, or only doubles, fits every method. */
    public function allows(Pattern $pattern): bool
    {
        foreach (self::goes($pattern) as $go) {
            if (!$this->allowsGo($go)) {
                return false;
            }
        }

        return true;
    }

    /** What it begins with, as the notation writes it, where a screen proposes a pattern. */
    public function usualPattern(): string
    {
        return match ($this) {
            self::Pattern => '3s d',
            self::EvenJump => 's 3d r4',
            self::StandingStart => 'd r4',
            self::SameJump => '3S d',
        };
    }

    /** Whether a stage of the default path has no place in it: even jumps are never mixed. */
    public function skips(Stage $stage): bool
    {
        return self::EvenJump === $this && Stage::Mix === $stage;
    }

    /**
     * @param Stage|null $here stays among them: whoever is at a stage that is skipped is still there
     *
     * @return list<Stage> its stages in their order
     */
    public function path(?Stage $here = null): array
    {
        return array_values(array_filter(
            Stage::cases(),
            fn (Stage $stage): bool => $stage === $here || !$this->skips($stage),
        ));
    }

    /**
     * The stage that comes after one; null: it is the last.
     */
    public function after(Stage $stage): ?Stage
    {
        return $this->beside($stage, 1);
    }

    /** The stage before one; null: it is the first. */
    public function before(Stage $stage): ?Stage
    {
        return $this->beside($stage, -1);
    }

    private function beside(Stage $stage, int $way): ?Stage
    {
        $at = $stage->number() - 1;
        do {
            $at += $way;
            $next = Stage::cases()[$at] ?? null;
        } while (null !== $next && $this->skips($next));

        return $next;
    }

    /**
     * @param non-empty-list<JumpKind> $go
     */
    private function allowsGo(array $go): bool
    {
        $isDouble = array_map(static fn (JumpKind $kind): bool => $kind->passes() > 1, $go);
        $first = array_search(true, $isDouble, true);
        if (false === $first || self::Pattern === $this) {
            return true;
        }

        return match ($this) {
            // One single to find the beat, then doubles only.
            self::EvenJump => $first <= 1 && !\in_array(false, \array_slice($isDouble, $first), true),
            // After the double singles may follow: not before it.
            self::StandingStart => 0 === $first && !self::comesBack($isDouble),
            self::SameJump => !self::hasLowSingles($go, $first),
        };
    }

    /**
     * @param non-empty-list<bool> $isDouble
     */
    private static function comesBack(array $isDouble): bool
    {
        $single = array_search(false, $isDouble, true);

        return false !== $single && \in_array(true, \array_slice($isDouble, $single), true);
    }

    /**
     * @param non-empty-list<JumpKind> $go
     */
    private static function hasLowSingles(array $go, int $firstDouble): bool
    {
        // One single that starts a set of doubles only sets the beat.
        $jumps = 1 === $firstDouble ? \array_slice($go, 1) : $go;

        return [] !== array_filter(
            $jumps,
            static fn (JumpKind $kind): bool => JumpKind::Single === $kind || JumpKind::QuickSingle === $kind,
        );
    }

    /**
     * What is jumped without a stop. Work for a time is its pattern over and over: twice tells what follows what.
     *
     * @return list<non-empty-list<JumpKind>>
     */
    private static function goes(Pattern $pattern): array
    {
        $goes = [[]];
        foreach ($pattern->steps() as $step) {
            foreach ($step instanceof Work ? [...$step->pattern->steps(), ...$step->pattern->steps()] : [$step] as $one) {
                if ($one instanceof OneJump) {
                    $goes[array_key_last($goes)][] = $one->kind;
                } elseif ($one instanceof Rest) {
                    $goes[] = [];
                }
            }
        }

        return array_values(array_filter($goes, static fn (array $go): bool => [] !== $go));
    }
}
