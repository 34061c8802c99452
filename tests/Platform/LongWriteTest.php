<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\LongWork;
use Zumbo\App\Platform\Write\LongWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Tests\ApiTestCase;

final class LongWriteTest extends ApiTestCase
{
    private Uuid $gym;
    private Connection $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->gym = $this->newGym();
        self::service(GymScope::class)->enter($this->gym);
        $this->other = DriverManager::getConnection(self::connection()->getParams());
        $this->other->executeStatement('SET SESSION innodb_lock_wait_timeout = 1');
    }

    protected function tearDown(): void
    {
        $this->other->close();
        self::service(GymScope::class)->leave();
        parent::tearDown();
    }

    public function testOthersWriteWhileItIsAtIt(): void
    {
        $work = $this->work(fn (): null => $this->otherWrites('attempt'));
        $this->run_($work);
        self::assertSame([1, 2], [$work->times, $this->revision()]);
        self::assertSame(['First', 'Last'], $this->names());
        self::assertSame(
            ['attempt', 'import'],
            self::connection()->fetchFirstColumn(
                'SELECT kind FROM gym_change WHERE gym_id = ? ORDER BY revision',
                [$this->gym->toBinary()],
            ),
        );
    }

    public function testItBeginsAnewWhenWhatItReliedOnChanged(): void
    {
        $work = $this->work(fn (int $time): ?bool => 1 === $time ? $this->otherWrites('athlete') : null);
        $this->run_($work);
        self::assertSame([2, ['First', 'Last']], [$work->times, $this->names()]);
    }

    public function testAWriteThatLeftNoWordIsTakenForTheWorst(): void
    {
        $work = $this->work(fn (int $time): ?bool => 1 === $time ? $this->otherWrites(null) : null);
        $this->run_($work);
        self::assertSame(2, $work->times);
    }

    public function testItComesToAnEndHoweverMuchOthersWrite(): void
    {
        $waited = 0;
        $work = $this->work(function () use (&$waited): void {
            try {
                $this->otherWrites('athlete');
            } catch (LockWaitTimeoutException) {
                ++$waited;
            }
        });
        $this->run_($work);
        self::assertSame([4, 1, ['First', 'Last']], [$work->times, $waited, $this->names()]);
    }

    public function testWhatIsGivenUpLeavesNothing(): void
    {
        $work = $this->work(static fn (): bool => false);
        $this->run_($work);
        self::assertSame([1, 0, []], [$work->times, $this->revision(), $this->names()]);
    }

    public function testWhatRowsPointAtIsCheckedAgainAfterwards(): void
    {
        $this->run_($this->work(static fn (): null => null));
        $this->expectException(ForeignKeyConstraintViolationException::class);
        self::service(GymDatabase::class)->execute(
            "INSERT INTO focus (gym_id, id, athlete_id, fault, signs, given_at) VALUES (:gym, '1', '2', 'x', '[]', '2026-11-27')",
        );
    }

    private function run_(LongWork $work): void
    {
        self::service(LongWrite::class)->run(Subject::of('write', 'import', new UuidV7()), $work);
    }

    private function revision(): int
    {
        return (int) self::connection()->fetchOne('SELECT revision FROM gym WHERE id = ?', [$this->gym->toBinary()]);
    }

    /**
     * @return list<mixed>
     */
    private function names(): array
    {
        return self::connection()->fetchFirstColumn(
            'SELECT name FROM athlete WHERE gym_id = ? ORDER BY name',
            [$this->gym->toBinary()],
        );
    }

    /** As any write of the app does it. @param string|null $kind null: it leaves no word */
    private function otherWrites(?string $kind): null
    {
        $this->other->transactional(function () use ($kind): void {
            $gym = $this->gym->toBinary();
            $this->other->executeStatement('UPDATE gym SET revision = revision + 1 WHERE id = ?', [$gym]);
            if (null !== $kind) {
                $this->other->executeStatement(
                    'INSERT INTO gym_change (gym_id, revision, kind, row_id) SELECT id, revision, ?, ? FROM gym WHERE id = ?',
                    [$kind, (new UuidV7())->toBinary(), $gym],
                );
            }
        });

        return null;
    }

    /**
     * Adds an athlete before and one at the end, and looks away for what happens in between.
     *
     * @param \Closure(int): mixed $between told how often it was begun; false gives up
     *
     * @return LongWork&object{times: int}
     */
    private function work(\Closure $between): LongWork
    {
        return new class(self::service(GymDatabase::class), $between) implements LongWork {
            public int $times = 0;

            public function __construct(private readonly GymDatabase $database, private readonly \Closure $between)
            {
            }

            public function write(): bool
            {
                $this->add('First');

                return false !== ($this->between)(++$this->times);
            }

            public function isUpsetBy(string $kind, Uuid $id): bool
            {
                return 'attempt' !== $kind;
            }

            public function finish(): void
            {
                $this->add('Last');
            }

            private function add(string $name): void
            {
                $this->database->execute(
                    "INSERT INTO athlete (gym_id, id, name, stature_m, dominant_hand, experience, stage, guardian_consent, created_at, tag)
                     VALUES (:gym, :id, :name, 1.7, 'left', 'none', 'jump', 0, '2026-11-27', :tag)",
                    ['id' => (new UuidV7())->toBinary(), 'name' => $name, 'tag' => $name[0]],
                );
            }
        };
    }
}
