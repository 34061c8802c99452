<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Evening\ClassHour;
use Zumbo\App\Entity\Evening\EveningNote;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\GymRows;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Health\Lifting;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\MeasuredStature;
use Zumbo\App\Entity\People\Tag;
use Zumbo\App\Entity\People\TapedLandmarks;
use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\RopeSpec;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Shared\SignedInCoach;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Today\ClassTimes;

/**
 * Throws the demo gym away and makes it again: same date, same rows.
 */
final readonly class LoadDemo
{
    private const SEED = 14;

    /** A shorter rope than the one before, by so much. */
    private const SHORTER_M = 0.06;

    /** One step of a trim path: 2 cm a side. */
    private const TRIM_M = 0.04;
    private const SHORTER_REASON = 'shorter, his hands have become quiet';

    /** Days before the end on which own ropes were looked over. */
    private const LOOKED_OVER_DAYS = 31;

    /** Days before the end on which a focus was given. */
    private const FOCUS_DAYS = 6;

    public function __construct(
        private GymDatabase $database,
        private GymScope $scope,
        private DaySums $sums,
        private GymRows $rows,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    public function upTo(\DateTimeImmutable $day): void
    {
        $ids = new DemoIds(DemoLog::classDay($day, 0, 6));
        $gymId = $ids->named('gym');
        $this->scope->enter($gymId);
        $manager = $this->database->entities();
        $manager->wrapInTransaction(function (EntityManagerInterface $manager) use ($ids, $gymId, $day): void {
            $before = $this->database->rows('SELECT revision FROM gym WHERE id = :gym')[0]['revision'] ?? 0;
            $this->rows->clear();
            $gym = new Gym($gymId, SaltmarshBarbell::NAME, SaltmarshBarbell::TIME_ZONE, LengthUnit::Centimetre);
            $gym->meetAt(self::week($day));
            $gym->furnish(null, SaltmarshBarbell::CEILING_M);
            $gym->layOut(SaltmarshBarbell::HALL_WIDTH_M, SaltmarshBarbell::HALL_DEPTH_M, null, null);
            $manager->persist($gym);
            $manager->flush();
            // It goes on from there: a screen that knows the gym as it was must see that it is another.
            $this->database->execute('UPDATE gym SET revision = :before + 1 WHERE id = :gym', ['before' => $before]);
            $this->addCoach($manager, $ids, SaltmarshBarbell::OWNER_EMAIL, SaltmarshBarbell::OWNER_NAME, Role::Owner);
            $this->addCoach($manager, $ids, SaltmarshBarbell::COACH_EMAIL, SaltmarshBarbell::COACH_NAME, Role::Coach);
            $this->addCoach(
                $manager,
                $ids,
                SaltmarshBarbell::HELPER_EMAIL,
                SaltmarshBarbell::HELPER_NAME,
                Role::Helper,
            );
            $this->addClasses($manager, $ids, $day);
            $this->addNotes($manager, $ids, $day);
            $rack = new DemoRack($manager, $ids, $gymId);
            $rack->hang($day);
            $log = new DemoLog($manager, $ids, self::SEED);
            $runs = new DemoRuns($manager, $ids, self::SEED);
            $tags = [];
            foreach (SaltmarshBarbell::athletes() as $person) {
                $tag = Tag::free($person->name, $tags);
                $tags[$tag] = true;
                $athlete = $this->addAthlete($manager, $ids, $person, $tag, $day);
                $log->write($athlete, $person->truth, $day);
                $runs->write($athlete, $person->truth, $day);
            }
            $rack->give($day);
            $this->sums->rebuild();
            $manager->flush();
            (new DemoTrail($this->database, $ids))->upTo($day);
        });
    }

    private function addCoach(
        EntityManagerInterface $manager,
        DemoIds $ids,
        string $email,
        string $name,
        Role $role,
    ): void {
        $hash = $this->hashers->getPasswordHasher(SignedInCoach::class)->hash(SaltmarshBarbell::PASSWORD);
        $manager->persist(new Coach($this->scope->gymId(), $ids->named($email), $email, $name, $role, $hash));
    }

    /** Its classes are on the same days of every week. */
    private static function week(\DateTimeImmutable $day): ClassTimes
    {
        $days = array_map(static fn (int $before): string => $day->modify("-$before days")->format('D'), DemoLog::CLASS_DAYS);

        return ClassTimes::read(implode(', ', $days).' 18:30 Evening class');
    }

    private function addClasses(EntityManagerInterface $manager, DemoIds $ids, \DateTimeImmutable $day): void
    {
        $starts = [$day->setTime(18, 30)];
        for ($week = 0; $week < HiddenTruth::WEEKS; ++$week) {
            foreach (DemoLog::CLASS_DAYS as $before) {
                $starts[] = DemoLog::classDay($day, $week, $before);
            }
        }
        foreach ($starts as $at) {
            $manager->persist(
                new ClassHour(
                    $this->scope->gymId(),
                    $ids->named('class '.$at->format('Y-m-d')),
                    'Evening class',
                    $at->setTime(0, 0),
                    $at,
                ),
            );
        }
    }

    private function addNotes(EntityManagerInterface $manager, DemoIds $ids, \DateTimeImmutable $day): void
    {
        foreach (SaltmarshBarbell::NOTES as $before => $text) {
            $evening = $day->modify("-$before days");
            $manager->persist(
                new EveningNote(
                    $this->scope->gymId(),
                    $ids->named("note $before"),
                    $evening->setTime(0, 0),
                    $text,
                    SaltmarshBarbell::COACH_NAME,
                    $evening->setTime(19, 35),
                ),
            );
        }
    }

    private function addAthlete(
        EntityManagerInterface $manager,
        DemoIds $ids,
        DemoAthlete $person,
        string $tag,
        \DateTimeImmutable $day,
    ): Athlete {
        $birthYear = (int) $day->format('Y') - $person->age;
        $profile = new AthleteProfile(
            $person->name,
            $person->cm / 100,
            $person->hand,
            $person->experience,
            $birthYear,
            $person->guardianConsent,
        );
        $stage = $person->truth->stageIn(HiddenTruth::WEEKS - 1) ?? $person->experience->firstStage();
        $athlete = new Athlete($this->scope->gymId(), $ids->named($person->name), $profile, $stage, $ids->start, $tag);
        if (null !== $person->tapedArmpitCm) {
            $athlete->measure(new TapedLandmarks(armpitM: $person->tapedArmpitCm / 100));
        }
        $manager->persist($athlete);
        foreach ([] === $person->growth ? [0 => $person->cm] : $person->growth as $week => $cm) {
            $on = DemoLog::classDay($day, $week, 6)->setTime(0, 0);
            $manager->persist(
                new MeasuredStature(
                    $this->scope->gymId(),
                    $ids->named($person->name.' stature '.$week),
                    $athlete->id(),
                    $on,
                    $cm / 100,
                ),
            );
        }
        foreach ($person->cautions as $i => $caution) {
            $this->addCaution($manager, $ids->named($person->name.' caution '.$i), $athlete, $caution, $day);
        }
        if ($person->keepsRope) {
            $this->addRopes($manager, $ids, $person, $athlete, $day);
        }
        if (null !== $person->focus) {
            $fault = FaultTable::named($person->focus);
            $manager->persist(
                new Focus(
                    $this->scope->gymId(),
                    $ids->named($person->name.' focus'),
                    $athlete->id(),
                    $fault->code,
                    [$fault->evidence[0]->sign],
                    $day->modify('-'.self::FOCUS_DAYS.' days')->setTime(19, 5),
                ),
            );
        }

        return $athlete;
    }

    private function addCaution(
        EntityManagerInterface $manager,
        Uuid $id,
        Athlete $athlete,
        DemoCaution $caution,
        \DateTimeImmutable $day,
    ): void {
        $on = $day->modify(\sprintf('-%d days', $caution->daysAgo));
        $noted = new NotedCaution(
            $this->scope->gymId(),
            $id,
            $athlete->id(),
            $caution->caution,
            $caution->place,
            $caution->degree,
            $caution->note,
            null === $caution->daysLeft ? null : $day->add(new \DateInterval(\sprintf('P%dD', $caution->daysLeft))),
            $on,
            $on->setTime(18, 50),
            SaltmarshBarbell::OWNER_NAME,
        );
        if (null !== $caution->clearedDaysAgo) {
            $cleared = $day->modify(\sprintf('-%d days', $caution->clearedDaysAgo));
            $noted->lift(Lifting::byCoach($cleared, SaltmarshBarbell::OWNER_NAME, $caution->clearedNote));
        }
        $manager->persist($noted);
    }

    /** Sized for the stature of the day; a second, shorter one where there is a story of one. */
    private function addRopes(
        EntityManagerInterface $manager,
        DemoIds $ids,
        DemoAthlete $person,
        Athlete $athlete,
        \DateTimeImmutable $day,
    ): void {
        $stature = Length::ofCentimetres(
            [] === $person->growth ? $person->cm : $person->growth[array_key_first($person->growth)],
        );
        $body = Body::ofStature($stature);
        // Whoever was trimmed since then started long.
        $school = [] === $person->trimWeeks && null === $person->ropeWeek
            ? SchoolInForce::of($body, $athlete->stage())->school
            : School::Shoulder;
        $rope = RopeSizing::of($body, Handle::usual(), Length::ofMetres(RopeSizing::USUAL_SPARE_M))->bySchool($school);
        $family = CableNeeds::recommended($athlete->stage()->phase());
        $lookedOver = $day->modify('-'.self::LOOKED_OVER_DAYS.' days');
        $keep = function (string $name, float $cableM, string $reason, \DateTimeImmutable $at) use (
            $manager,
            $ids,
            $athlete,
            $rope,
            $family,
            $person,
            $lookedOver,
        ): void {
            $spec = new RopeSpec(
                $cableM,
                Handle::USUAL_LENGTH_M,
                $family,
                $rope->school,
                $rope->stance,
                $rope->cable->metres(),
                $reason,
            );
            $kept = new Rope($this->scope->gymId(), $ids->named($name), $athlete->id(), $spec, $at);
            // Looked over a month before the end, but for one rope that is due.
            if ($person->ropeIsLookedOver) {
                $kept->inspect(Inspection::of($lookedOver, []));
            }
            $manager->persist($kept);
        };
        $computed = $rope->cable->metres();
        $keep($person->name.' rope', $computed, '', $ids->start->modify('+1 day'));
        foreach ($person->trimWeeks as $i => $week) {
            $before = $computed - $i * self::TRIM_M;
            $keep(
                $person->name.' trim '.$i,
                $before - self::TRIM_M,
                'trimmed from '.LengthUnit::Centimetre->print(Length::ofMetres($before)),
                DemoLog::classDay($day, $week, 6),
            );
        }
        if (null !== $person->ropeWeek) {
            $keep(
                $person->name.' rope 2',
                $computed - self::SHORTER_M,
                self::SHORTER_REASON,
                DemoLog::classDay($day, $person->ropeWeek, 6),
            );
        }
    }
}
