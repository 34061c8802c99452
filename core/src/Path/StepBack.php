<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Stage\Stage;

/**
 * When somebody should go back a stage: the gate before falls under 0.30 over three ordinary sessions (our assumption). A
 * stopped day is none, one evening steps nobody back.
 */
final class StepBack
{
    private const UNDER = 0.30;
    private const SESSIONS = 3;

    /**
     * @param Gate             $before   the gate of the stage before
     * @param Stage            $stage    that stage
     * @param list<SessionSum> $sessions what tells of it since they left it, the newest last
     */
    public static function asksFor(Gate $before, Stage $stage, array $sessions): bool
    {
        $ordinary = array_values(array_filter($sessions, static fn (SessionSum $session): bool => !$session->stopped));
        $last = \array_slice($ordinary, -self::SESSIONS);

        return !$before->isWaived()
            && self::SESSIONS === \count($last)
            && GateChance::of($before, RecentSessions::of(GateChance::prior($before, $stage), $last)->posterior) < self::UNDER;
    }

    /** Whether what is counted at a stage tells of the gate before it as well: a longer run of the same. */
    public static function readsOwnLog(Stage $stage): bool
    {
        return Stage::Hold === $stage;
    }
}
