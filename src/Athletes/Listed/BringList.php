<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NewAthlete;
use Zumbo\App\Shared\Sheet\BroughtSheet;
use Zumbo\Core\Roster\Athletes\AthleteColumns;
use Zumbo\Core\Roster\Athletes\AthleteList;
use Zumbo\Core\Roster\Athletes\ListedAthlete;
use Zumbo\Core\Stage\Experience;

/**
 * Reads a coach's own list, and adds whoever is new in it; once. Lines that need a look stay out.
 */
final readonly class BringList
{
    public function __construct(
        private Athletes $athletes,
        private NewAthlete $newcomer,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private ClockInterface $clock,
    ) {
    }

    public function read(BroughtSheet $brought, ListInput $input): AthleteListView
    {
        return AthleteListView::of($brought->sheet, $this->list($brought, $input), $this->gyms->current()->unit());
    }

    /** @return bool true when it came in now, false when the same list came before under that id */
    public function add(UuidV7 $id, BroughtSheet $brought, ListInput $input): bool
    {
        $body = [$brought->sha256, $input->columns];

        return $this->writes->run($id, Subject::of('bring list', 'athlete', $id), $body, function () use ($brought, $input): void {
            $tags = $this->newcomer->tags();
            foreach ($this->list($brought, $input)->athletes as $listed) {
                $this->newcomer->add(Uuid::v7(), self::profile($listed), $this->today(), $tags);
            }
        });
    }

    private function list(BroughtSheet $brought, ListInput $input): AthleteList
    {
        $known = array_map(static fn (Athlete $one): string => $one->profile()->name, $this->athletes->present());
        $meanings = $input->meanings();
        $columns = null === $meanings ? null : AthleteColumns::guess($brought->sheet)->with($meanings);

        return AthleteList::read($brought->sheet, (int) $this->today()->format('Y'), $known, $columns);
    }

    private static function profile(ListedAthlete $listed): AthleteProfile
    {
        return new AthleteProfile(
            $listed->name,
            $listed->height->metres(),
            DominantHand::from($listed->hand ?? DominantHand::Right->value),
            $listed->experience ?? Experience::None,
            $listed->birthYear,
            false,
        );
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
