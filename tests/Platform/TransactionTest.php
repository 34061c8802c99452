<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Doctrine\DBAL\Driver\PDO\Exception as DriverException;
use Doctrine\DBAL\Exception\ConnectionLost;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Athletes\AthleteInput;
use Zumbo\App\Athletes\SaveAthlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Live\Hints;
use Zumbo\App\Platform\Write\Transaction;
use Zumbo\App\Platform\Write\WrittenRevision;
use Zumbo\App\Tests\ApiTestCase;

final class TransactionTest extends ApiTestCase
{
    /** A real deadlock: two connections, each holding the row the other wants; MariaDB ends the lighter one, ours. */
    public function testAfterADeadlockTheWholeUseCaseRunsAgainWithAFreshManager(): void
    {
        $gym = $this->enteredGym();
        $this->save()->add($id = new UuidV7(), self::input('First'));
        $rivalGym = $this->newGym();
        $managers = [];
        self::service(Transaction::class)->run(function () use ($gym, $rivalGym, $id, &$managers): void {
            $manager = self::service(GymDatabase::class)->entities();
            $managers[] = $manager->getUnitOfWork();
            self::service(Athletes::class)
                ->get($id)
                ->change(self::input('Renamed '.\count($managers))->profile());
            if (1 === \count($managers)) {
                $manager->flush();
                $this->crossWithARival($gym, $rivalGym);
            }
        });
        self::assertCount(2, $managers);
        self::assertNotSame($managers[0], $managers[1], 'the second try starts from a fresh manager');
        self::assertSame(
            'Renamed 2',
            self::connection()->fetchOne('SELECT name FROM athlete WHERE id = ?', [$id->toBinary()]),
        );
        self::assertSame(
            2,
            (int) self::connection()->fetchOne('SELECT version FROM athlete WHERE id = ?', [$id->toBinary()]),
            'the failed try left no trace',
        );
    }

    /** A flush is a transaction within ours, by a savepoint; a deadlock takes that along, and rolling back to it is refused. */
    public function testADeadlockWithinAFlushIsOneAsWell(): void
    {
        $gym = $this->enteredGym();
        $rivalGym = $this->newGym();
        $tries = 0;
        self::service(Transaction::class)->run(function () use ($gym, $rivalGym, &$tries): void {
            if (1 === ++$tries) {
                self::connection()->transactional(fn () => $this->crossWithARival($gym, $rivalGym));
            }
        });
        self::assertSame(2, $tries);
    }

    public function testAnErrorRollsBackEverythingAndIsNotTriedAgain(): void
    {
        $gym = $this->enteredGym();
        $tries = 0;
        try {
            self::service(Transaction::class)->run(static function () use (&$tries): never {
                ++$tries;
                throw new \DomainException('no');
            });
        } catch (\DomainException) {
        }
        self::assertSame(1, $tries);
        self::assertSame(0, $this->revision($gym));
    }

    public function testInAClusterItWaitsForAnotherDatabaseAndRunsAllOfItAgain(): void
    {
        $gym = $this->enteredGym();
        foreach ([1047, 1180] as $lost) {
            $tries = 0;
            $run = self::inACluster()->run(static function () use (&$tries, $lost): string {
                return ++$tries < 2 ? throw self::gone($lost) : 'done';
            });
            self::assertSame([2, 'done'], [$tries, $run], (string) $lost);
        }
        self::assertSame(2, (int) self::connection()->fetchOne('SELECT revision FROM gym WHERE id = ?', [$gym->toBinary()]));
    }

    public function testWithOneDatabaseAloneNobodyIsKeptWaiting(): void
    {
        $this->enteredGym();
        $tries = 0;
        try {
            self::service(Transaction::class)->run(static function () use (&$tries): never {
                ++$tries;
                throw self::gone(2006);
            });
        } catch (ConnectionLost) {
        }
        self::assertSame(1, $tries);
    }

    public function testAWriteThatComesAgainRaisesNoRevisionAndTellsTheOneItHad(): void
    {
        $gym = $this->signInto();
        $athlete = '/api/athletes/'.self::id();
        $told = [];
        foreach (['First', 'First'] as $name) {
            $this->send('PUT', $athlete, self::athlete(['name' => $name]));
            $told[] = $this->response()->headers->get('Zumbo-Revision');
            $this->newAthlete();
        }
        self::assertSame(['1', '1'], $told);
        self::assertSame(3, $this->revision($gym), 'the one and two others');
    }

    /** What a use case answers is nobody's business but its caller's. */
    public function testAUseCaseThatAnswersNoIsKept(): void
    {
        $gym = $this->enteredGym();
        self::service(Transaction::class)->run(static fn (): bool => false);
        self::assertSame(1, $this->revision($gym));
    }

    private static function gone(int $code): ConnectionLost
    {
        $driver = new DriverException('gone', 'HY000', $code, new \PDOException('gone', $code));

        return new ConnectionLost($driver, null);
    }

    private static function inACluster(): Transaction
    {
        return new Transaction(
            self::service(GymDatabase::class),
            self::service(ManagerRegistry::class),
            self::service(GymScope::class),
            self::service(Hints::class),
            self::service(WrittenRevision::class),
            true,
        );
    }

    public function testADeadlockThatNeverEndsIsToldAfterFiveTries(): void
    {
        $this->enteredGym();
        $tries = 0;
        try {
            self::service(Transaction::class)->run(static function () use (&$tries): never {
                ++$tries;
                throw new DeadlockException(new DriverException('Deadlock found', '40001', 1213), null);
            });
        } catch (DeadlockException) {
        }
        self::assertSame(5, $tries);
    }

    public function testEachCommittedWriteRaisesTheRevisionOnce(): void
    {
        $gym = $this->enteredGym();
        $id = new UuidV7();
        self::assertTrue($this->save()->add($id, self::input('First')));
        self::assertSame(1, $this->revision($gym));
        self::assertFalse($this->save()->add($id, self::input('First')), 'the same write is not applied again');
    }

    /** Locks a row that another process holds while that process waits for ours. */
    private function crossWithARival(Uuid $mine, Uuid $his): void
    {
        $parameters = json_encode(self::connection()->getParams(), \JSON_THROW_ON_ERROR);
        $rival = proc_open(
            [\PHP_BINARY, __DIR__.'/../Fake/rival.php', $parameters, $his->toRfc4122(), $mine->toRfc4122()],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($rival);
        self::assertSame("holds\n", fgets($pipes[1]));
        try {
            self::connection()->executeStatement('UPDATE gym SET revision = revision + 1 WHERE id = ?', [
                $his->toBinary(),
            ]);
        } catch (DeadlockException $e) {
            // Both sides of a deadlock stop by themselves; the rival goes on once our transaction is rolled back.
            throw $e;
        }
    }

    private function enteredGym(): Uuid
    {
        $gym = $this->newGym();
        self::service(GymScope::class)->enter($gym);

        return $gym;
    }

    private function revision(Uuid $gym): int
    {
        return (int) self::connection()->fetchOne('SELECT revision FROM gym WHERE id = ?', [$gym->toBinary()]);
    }

    private function save(): SaveAthlete
    {
        return self::service(SaveAthlete::class);
    }

    private static function input(string $name): AthleteInput
    {
        return new AthleteInput($name, '168', 'right', 'singles');
    }
}
