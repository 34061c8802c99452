<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\SignIn\SignedInCoach;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\AthleteProfile;
use Zumbo\App\Record\ClassHour;
use Zumbo\App\Record\Coach;
use Zumbo\App\Record\Gym;
use Zumbo\App\Record\Role;
use Zumbo\App\Record\Rope;
use Zumbo\App\Record\RopeMeasure;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\TurningRope;

/**
 * Throws the demo gym away and makes it again: same date, same rows.
 */
final readonly class LoadDemo
{
    private const DAYS_SHOWN = 90;
    private const SEED = 14;

    public function __construct(private GymDatabase $database, private GymScope $scope, private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function upTo(\DateTimeImmutable $day): void
    {
        $ids = new DemoIds($day->modify(\sprintf('-%d days', self::DAYS_SHOWN)));
        $gymId = $ids->named('gym');
        $this->scope->enter($gymId);
        $manager = $this->database->entities();
        $manager->wrapInTransaction(function (EntityManagerInterface $manager) use ($ids, $gymId, $day): void {
            $this->clear($ids);
            $manager->persist(new Gym($gymId, SaltmarshBarbell::NAME, SaltmarshBarbell::TIME_ZONE, LengthUnit::Centimetre));
            $this->addCoach($manager, $ids, SaltmarshBarbell::OWNER_EMAIL, SaltmarshBarbell::OWNER_NAME, Role::Owner);
            $this->addCoach($manager, $ids, SaltmarshBarbell::HELPER_EMAIL, SaltmarshBarbell::HELPER_NAME, Role::Helper);
            $manager->persist(new ClassHour($gymId, $ids->named('class '.$day->format('Y-m-d')), 'Evening class', $day->setTime(0, 0), $day->setTime(18, 30)));
            $log = new DemoLog($manager, $ids, self::SEED);
            foreach (SaltmarshBarbell::athletes() as $person) {
                $log->write($this->addAthlete($manager, $ids, $person), $day);
            }
        });
    }

    private function clear(DemoIds $ids): void
    {
        foreach (['attempt', 'practice_set', 'practice', 'class_hour', 'gym_change', 'rope', 'mutation', 'athlete', 'coach'] as $table) {
            $this->database->execute("DELETE FROM $table WHERE gym_id = :gym");
        }
        $this->database->execute('DELETE FROM gym WHERE id = :gym');
    }

    private function addCoach(EntityManagerInterface $manager, DemoIds $ids, string $email, string $name, Role $role): void
    {
        $hash = $this->hashers->getPasswordHasher(SignedInCoach::class)->hash(SaltmarshBarbell::PASSWORD);
        $manager->persist(new Coach($this->scope->gymId(), $ids->named($email), $email, $name, $role, $hash));
    }

    /**
     * @param array{name: string, cm: int, age: int, hand: \Zumbo\App\Record\DominantHand, experience: \Zumbo\Core\Stage\Experience, stage: \Zumbo\Core\Stage\Stage, cautions: list<\Zumbo\Core\Body\Caution>, note: string, keepsRope: bool} $person
     */
    private function addAthlete(EntityManagerInterface $manager, DemoIds $ids, array $person): Athlete
    {
        $stature = Length::ofCentimetres($person['cm']);
        $birthYear = (int) $ids->start->format('Y') - $person['age'];
        $profile = new AthleteProfile($person['name'], $stature->metres(), $person['hand'], $person['experience'], $person['cautions'], $person['note'], $birthYear);
        $athlete = new Athlete($this->scope->gymId(), $ids->named($person['name']), $profile, $person['stage'], $ids->start);
        $manager->persist($athlete);
        if (!$person['keepsRope']) {
            return $athlete;
        }
        $ropes = RopeSizing::of(Body::ofStature($stature), Handle::usual(), Length::ofMetres(RopeSizing::USUAL_SPARE_M))->allSchools();
        \assert([] !== $ropes);
        $rope = RopeAdvice::forStage($person['stage'], $ropes)->rope;
        $turning = TurningRope::ofCable($rope->cable, Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M));
        $family = CableAdvice::forStage($person['stage'], $turning)->family;
        $measure = new RopeMeasure($rope->cable->metres(), Handle::USUAL_LENGTH_M, $family, $rope->school, $rope->stance, $rope->cable->metres(), '');
        $manager->persist(new Rope($this->scope->gymId(), $ids->named($person['name'].' rope'), $athlete->id(), $measure, $ids->start->modify('+1 day')));

        return $athlete;
    }
}
