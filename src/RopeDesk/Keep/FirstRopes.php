<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Entity\Ropes\RopeSpec;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\SchoolRope;

/**
 * Sizes a rope for everybody who has none, each by the school in force for them, and keeps them all at once.
 */
final readonly class FirstRopes
{
    public function __construct(
        private JudgeToday $judge,
        private Ropes $ropes,
        private IdempotentWrite $writes,
        private Gyms $gyms,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return list<FirstRopeView> by name
     */
    public function sized(FirstRopesInput $input): array
    {
        return array_map(
            static fn (Judged $one): FirstRopeView => FirstRopeView::of(
                $one,
                self::rope($one, $input->handle()),
                $one->wanted->unhandled(),
            ),
            array_values($this->without()),
        );
    }

    /**
     * Whoever got a rope meanwhile keeps that one.
     *
     * @return bool true when they are new, false when the same request came before
     *
     * @throws BadField when there is no such athlete
     */
    public function keep(UuidV7 $id, KeepFirstRopesInput $input): bool
    {
        $handle = $input->sizing()->handle();

        return $this->writes->run($id, Subject::of('keep first', 'rope', $id), $input, function () use ($input, $handle): void {
            $today = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
            $judged = $this->judge->everybody();
            foreach ($input->athletes as $athlete) {
                $one = $judged[strtolower($athlete)] ?? throw BadField::of('athletes', $athlete, 'ids of athletes of this gym');
                $rope = self::rope($one, $handle);
                if (null === $one->rope && null !== $rope) {
                    $kept = new Rope(
                        $this->scope->gymId(),
                        Uuid::v7(),
                        $one->athlete->id(),
                        self::spec($one, $rope),
                        $this->clock->now(),
                    );
                    // It is cut new: nobody has to look it over on its first evening.
                    $kept->inspect(Inspection::of($today, []));
                    $this->ropes->add($kept);
                }
            }
        });
    }

    /** @return array<string, Judged> */
    private function without(): array
    {
        return array_filter($this->judge->everybody(), static fn (Judged $one): bool => null === $one->rope);
    }

    /** With their own handles, where those are known. */
    private static function rope(Judged $one, ?Handle $handle): ?SchoolRope
    {
        return $one->wanted->goal() ?? (null === $handle ? null : $one->wanted->withHandle($handle)->goal());
    }

    private static function spec(Judged $one, SchoolRope $rope): RopeSpec
    {
        return new RopeSpec(
            $rope->cable->metres(),
            $rope->overall->minus($rope->cable)->times(0.5)->metres(),
            $one->today->cable->recommended,
            $rope->school,
            $rope->stance,
            $rope->cable->metres(),
            '',
            null,
        );
    }
}
