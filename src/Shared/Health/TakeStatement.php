<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Health;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\Lifting;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\StatedBy;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Body\Growing;

/**
 * The statement that a professional cleared somebody: on a coach's device or on the athlete's own card, of an athlete under 18
 * always their guardian's.
 */
final readonly class TakeStatement
{
    public function __construct(private Athletes $athletes, private Gyms $gyms, private ClockInterface $clock)
    {
    }

    /**
     * @param string $with on whose device it is made
     *
     * @throws BadField when the statement is not the right person's, of a day to come, or of what no longer stands
     */
    public function lift(NotedCaution $noted, StatementInput $input, string $with): void
    {
        self::refuseLifted($noted);
        $by = StatedBy::from($input->statedBy);
        if (StatedBy::Athlete === $by && $this->isMinor($noted->athleteId())) {
            throw BadField::of('statedBy', $input->statedBy, 'guardian: the athlete is under 18');
        }
        if ($input->day() > $this->today() || $input->day() < $noted->notedOn()) {
            throw BadField::of('on', $input->on, \sprintf(
                'a day from %s, when it was noted, to today',
                $noted->notedOn()->format('Y-m-d'),
            ));
        }
        $noted->lift(Lifting::asStated(
            $this->today(),
            $with,
            $by,
            trim($input->professional),
            $input->day(),
            trim($input->words),
        ));
    }

    /** @throws BadField when somebody's word has lifted it before */
    public static function refuseLifted(NotedCaution $noted): void
    {
        if (null !== $noted->isLiftedBy()) {
            throw BadField::of('caution', $noted->caution()->value, 'one that still stands');
        }
    }

    public function isMinor(Uuid $athlete): bool
    {
        $age = $this->athletes->get($athlete)->profile()->ageIn($this->today());

        return null !== $age && $age <= Growing::GROWN_UP_FROM;
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
