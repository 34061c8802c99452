<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Job\Chore;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * After their evening guests stand on no list any more; what they did is kept until they join, or two weeks have passed.
 */
final readonly class GuestsGoHome implements Chore
{
    public const KEPT_DAYS = 14;

    public function __construct(
        private Athletes $athletes,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private KeptAnswers $kept,
        private ClockInterface $clock,
    ) {
    }

    public function doIt(): void
    {
        $today = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
        foreach ($this->athletes->guestsBefore($today) as $guest) {
            if (!$guest->isRemoved()) {
                $this->writes->run(new UuidV7(), Subject::of('goes home', 'athlete', $guest->id()), null, function () use ($guest): void {
                    $this->athletes->get($guest->id())->remove($this->clock->now());
                });
            }
        }
        foreach ($this->athletes->guestsBefore($today->modify('-'.self::KEPT_DAYS.' days')) as $guest) {
            $this->writes->run(
                new UuidV7(),
                Subject::of('forget', 'athlete', $guest->id()),
                null,
                fn () => $this->athletes->erase($guest->id()),
            );
            $this->kept->forget();
        }
    }
}
