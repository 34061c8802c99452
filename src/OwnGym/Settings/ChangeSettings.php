<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Settings;

use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\GymView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Today\ClassTimes;
use Zumbo\Core\Today\UnreadableClassTimes;

/**
 * Changes what a gym has chosen for itself; once.
 */
final readonly class ChangeSettings
{
    public function __construct(
        private Gyms $gyms,
        private AllGyms $all,
        private GymScope $scope,
        private IdempotentWrite $writes,
    ) {
    }

    /** @throws BadField when another gym here is called so */
    public function change(SettingsInput $input, WriteCondition $condition): Gym
    {
        $this->writes->change(
            $condition,
            Subject::of('set', 'gym', $this->scope->gymId()),
            $input,
            $this->gyms->current(...),
            fn (Gym $gym) => $this->apply($gym, $input),
            GymView::of(...),
        );

        return $this->gyms->current();
    }

    private function apply(Gym $gym, SettingsInput $input): void
    {
        if (null !== $input->name) {
            $gym->rename($this->free(trim($input->name), $gym));
        }
        $gym->goBy(
            $input->timeZone ?? $gym->timeZone(),
            null === $input->unit ? $gym->unit() : LengthUnit::from($input->unit),
        );
        $gym->sizeBy(
            null === $input->trimSchool ? $gym->trimSchool() : TrimSchool::from($input->trimSchool),
            null === $input->beginnersSchool ? $gym->beginnersSchool() : School::from($input->beginnersSchool),
        );
        $gym->furnish(
            null === $input->handle ? $gym->handleLengthM() : $input->handleM(),
            null === $input->ceiling ? $gym->ceilingM() : $input->ceilingM(),
        );
        $gym->layOut(
            SettingsInput::side($input->hallWidth, $gym->hallWidthM()),
            SettingsInput::side($input->hallDepth, $gym->hallDepthM()),
            SettingsInput::side($input->matWidth, $gym->matWidthM()),
            SettingsInput::side($input->matDepth, $gym->matDepthM()),
        );
        $gym->measureBy($input->measuring($gym->measuring()));
        if (null !== $input->classTimes) {
            $gym->meetAt(self::times($input->classTimes));
        }
    }

    private static function times(string $written): ClassTimes
    {
        try {
            return ClassTimes::read($written);
        } catch (UnreadableClassTimes $e) {
            throw BadField::of('classTimes', $e->written, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }

    private function free(string $name, Gym $gym): string
    {
        if ('' === $name) {
            throw BadField::of('name', $name, 'what the gym is called');
        }
        $named = $this->all->called($name);

        return null === $named || $named->id->equals($gym->id())
            ? $name
            : throw BadField::of('name', $name, 'a name that no gym here has yet');
    }
}
