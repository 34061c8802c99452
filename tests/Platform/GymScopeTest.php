<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Tests\ApiTestCase;

final class GymScopeTest extends ApiTestCase
{
    public function testANativeStatementThatForgetsTheGymIsRefused(): void
    {
        $database = $this->databaseOf($this->newGym());
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('a statement must name the gym');
        $database->rows('SELECT * FROM athlete');
    }

    public function testANativeStatementIsBoundToTheCurrentGym(): void
    {
        $this->signInto();
        $this->newAthlete();
        $database = $this->databaseOf($this->newGym());
        self::assertSame([], $database->rows('SELECT * FROM athlete WHERE gym_id = :gym'));
    }

    public function testADqlQueryThatForgetsTheGymIsFilteredAllTheSame(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        $this->signInto();
        $this->newAthlete();
        $athletes = $this->databaseOf($gym)
            ->entities()
            ->createQuery('SELECT a FROM '.Athlete::class.' a')
            ->getResult();
        self::assertCount(1, $athletes);
        self::assertTrue($gym->equals($athletes[0]->gymId()));
    }

    public function testARowCantPointAtAnotherGymsRow(): void
    {
        $this->signInto();
        $athlete = Uuid::fromString($this->newAthlete());
        $other = $this->newGym();
        $this->expectException(ForeignKeyConstraintViolationException::class);
        self::connection()->insert('rope', [
            'gym_id' => $other->toBinary(),
            'id' => Uuid::v7()->toBinary(),
            'athlete_id' => $athlete->toBinary(),
            'cable_length_m' => 2.4,
            'handle_length_m' => 0.15,
            'family' => 'thick-cord',
            'school' => 'armpit',
            'stance' => 'two-feet',
            'computed_cable_m' => 2.4,
            'override_reason' => '',
            'created_at' => '2026-11-24 18:00:00',
        ]);
    }

    public function testOneRequestNeverWorksForTwoGyms(): void
    {
        $scope = new GymScope();
        $scope->enter(Uuid::v7());
        $this->expectException(\LogicException::class);
        $scope->enter(Uuid::v7());
    }

    public function testWithoutAGymThereAreNoRows(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('no gym entered');
        self::service(GymDatabase::class)->entities();
    }

    private function databaseOf(Uuid $gym): GymDatabase
    {
        $scope = self::service(GymScope::class);
        $scope->leave();
        $scope->enter($gym);

        return self::service(GymDatabase::class);
    }
}
