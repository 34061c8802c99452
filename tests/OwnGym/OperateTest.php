<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\GymRows;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What whoever runs the machine does at the command line: a gym, its coaches, their passwords.
 */
final class OperateTest extends ApiTestCase
{
    private const PASSWORD = 'a rope of my own';

    public function testAGymIsMadeWithItsFirstCoachWhoCanSignIn(): void
    {
        [$gym, $email] = $this->newNames();
        self::assertSame([0, "$gym is made: Ada Wick can sign in."], $this->make($gym, $email));
        $this->signIn($email, self::PASSWORD, 204);
        $me = $this->send('GET', '/api/me');
        self::assertSame([$gym, 'Europe/Madrid', 'ft-in', 'owner'], [
            $me['gym']['name'],
            $me['gym']['timeZone'] ?? 'Europe/Madrid',
            $me['gym']['unit'],
            $me['coach']['role'],
        ]);
        self::assertSame([], $this->send('GET', '/api/athletes'));
        self::assertStringContainsString("$gym · Europe/Madrid · ft-in · 0 athletes, 1 coach · ", $this->console('gym:list')[1]);
        self::assertSame([0, "There is a gym called $gym already: nothing was done."], $this->make($gym, 'x'.$email));
    }

    /**
     * @param array<string, string> $wrong instead of what is right
     */
    #[DataProvider('wrong')]
    public function testWhatCanNotBeUsedIsNamedAndNothingIsMade(array $wrong, string $password, string $said): void
    {
        [$gym, $email] = $this->newNames();
        [$exit, $answer] = $this->make($gym, $email, $wrong, $password);
        self::assertSame(2, $exit);
        self::assertSame($said, $answer);
        self::assertStringNotContainsString($gym, $this->console('gym:list')[1]);
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function wrong(): iterable
    {
        yield 'zone' => [
            ['--zone' => 'Madrid'],
            self::PASSWORD,
            'Time zone Madrid: The time zone of a city, like Europe/London.',
        ];
        yield 'unit' => [['--unit' => 'yards'], self::PASSWORD, 'Unit yards: one of cm, ft-in.'];
        yield 'e-mail' => [['--email' => 'ada'], self::PASSWORD, 'Email ada: An e-mail address, like maren@example.org.'];
        yield 'name' => [['--coach' => ' '], self::PASSWORD, 'Name  : some text.'];
        yield 'password, which is not shown' => [[], 'short', 'Password: 10 to 4096 characters.'];
    }

    public function testAnEMailBelongsToOneCoachOfTheMachine(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        [$other] = $this->newNames();
        self::assertSame(
            [2, "Email $email: an e-mail that no coach here has yet."],
            $this->make($other, strtoupper($email)),
        );
        self::assertSame(
            [2, "Email $email: an e-mail that no coach here has yet."],
            $this->console('coach:new', ['email' => $email, '--gym' => $gym, '--name' => 'Ada Again'], self::PASSWORD),
        );
    }

    public function testASecondCoachIsLetInAndOutAgain(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        $second = 'second.'.$email;
        self::assertSame(
            [0, "Bo Tarn can sign in to $gym, as helper."],
            $this->console('coach:new', ['email' => $second, '--gym' => $gym, '--name' => 'Bo Tarn', '--role' => 'helper'], self::PASSWORD),
        );
        $this->signIn($second, self::PASSWORD, 204);
        self::assertSame('helper', $this->send('GET', '/api/me')['coach']['role']);
        self::assertSame([0, "$second is coach now."], $this->console('coach:role', ['email' => $second, 'role' => 'coach']));
        $this->signIn($second, self::PASSWORD, 204);
        self::assertSame('coach', $this->send('GET', '/api/me')['coach']['role']);
        self::assertSame([0, 'They can sign in no more.'], $this->console('coach:remove', ['email' => $second]));
        self::assertNull($this->send('GET', '/api/me')['coach'], 'their session has ended');
        $this->signIn($second, self::PASSWORD, 401);
        self::assertSame(
            [2, 'Gym Nowhere: the name or the id of a gym: `./zumbo gym list` shows them.'],
            $this->console('coach:new', ['email' => $second, '--gym' => 'Nowhere', '--name' => 'Bo'], self::PASSWORD),
        );
    }

    public function testANewPasswordEndsTheSessionsOfTheOldOne(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        $this->signIn($email, self::PASSWORD, 204);
        self::assertSame(0, $this->console('coach:password', ['email' => $email], 'another rope of mine')[0]);
        self::assertNull($this->send('GET', '/api/me')['coach']);
        $this->signIn($email, self::PASSWORD, 401);
        $this->signIn($email, 'another rope of mine', 204);
        self::assertSame(
            [2, 'Email nobody@gym.example: the e-mail of a coach here.'],
            $this->console('coach:password', ['email' => 'nobody@gym.example'], self::PASSWORD),
        );
    }

    public function testWhoeverRunsTheMachineMakesALinkToANewPassword(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        [$exit, $said] = $this->console('coach:reset', ['email' => $email, '--address' => 'https://gym.example/']);
        self::assertSame(0, $exit);
        self::assertSame(1, preg_match('~^https://gym\.example/join#([^.]+)\.([^.]+)\.(\S+)$~m', $said, $found), $said);
        $link = ['gym' => $found[1], 'id' => $found[2], 'secret' => $found[3]];
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => ['password' => 'another rope', 'again' => 'another rope']]);
        $this->assertStatus(204);
        $this->signIn($email, 'another rope', 204);
        self::assertSame(2, $this->console('coach:reset', ['email' => 'nobody@gym.example'])[0]);
    }

    public function testNoCodeIsPrintedWhereThereIsAGym(): void
    {
        $this->newGym();
        self::assertSame([0, ''], $this->console('gym:code'));
    }

    public function testAGymIsNeverWithoutAnOwner(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        $said = [2, "Email $email: another owner first: a gym is never without one."];
        self::assertSame($said, $this->console('coach:remove', ['email' => $email]));
        self::assertSame($said, $this->console('coach:role', ['email' => $email, 'role' => 'helper']));
        $this->console('coach:new', ['email' => 'o.'.$email, '--gym' => $gym, '--name' => 'Oda', '--role' => 'owner'], self::PASSWORD);
        self::assertSame([0, "$email is helper now."], $this->console('coach:role', ['email' => $email, 'role' => 'helper']));
        self::assertSame(
            [2, 'Role boss: one of owner, coach, helper.'],
            $this->console('coach:role', ['email' => $email, 'role' => 'boss']),
        );
    }

    public function testAGymIsRenamedOnceHoweverOftenItIsAsked(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        $this->signIn($email, self::PASSWORD, 204);
        $before = $this->send('GET', '/api/class')['revision'];
        self::assertSame([0, "It is called New $gym."], $this->console('gym:rename', ['name' => $gym, 'new-name' => "New $gym"]));
        self::assertSame(
            [0, "None is called $gym, and one is called New $gym: nothing was done."],
            $this->console('gym:rename', ['name' => $gym, 'new-name' => "New $gym"]),
        );
        self::assertSame("New $gym", $this->send('GET', '/api/me')['gym']['name']);
        self::assertSame($before + 1, $this->send('GET', '/api/class')['revision'], 'screens hear of it');
        [$other, $mail] = $this->newNames();
        $this->make($other, $mail);
        self::assertSame(
            [2, "New name $other: a name that no gym here has yet."],
            $this->console('gym:rename', ['name' => "New $gym", 'new-name' => $other]),
        );
        self::assertSame(2, $this->console('gym:rename', ['name' => 'Nowhere', 'new-name' => 'Elsewhere'])[0]);
    }

    public function testAGymIsDeletedWithAllThatIsKeptOfIt(): void
    {
        [$gym, $email] = $this->newNames();
        $this->make($gym, $email);
        $this->signIn($email, self::PASSWORD, 204);
        $athlete = $this->newAthlete();
        $id = self::connection()->fetchOne('SELECT gym_id FROM athlete WHERE id = ?', [Uuid::fromString($athlete)->toBinary()]);
        self::assertIsString($id);
        $this->send('GET', '/api/class');
        self::service(GymScope::class)->enter(Uuid::fromBinary($id));
        $sound = fopen('data:,sound', 'r');
        self::assertIsResource($sound);
        self::files('recordings')->keep(new UuidV7(), IncomingFile::ofStream($sound, 5));
        self::service(GymScope::class)->leave();
        [$exit, $said] = $this->console('gym:remove', ['name' => $gym], 'another name');
        self::assertSame(2, $exit);
        self::assertStringContainsString("$gym: 1 athlete, 1 coach", $said);
        self::assertSame(1, $this->rowsOf($id, 'athlete'));
        self::assertStringEndsWith("$gym is gone.", $this->console('gym:remove', ['name' => $gym], $gym)[1]);
        $tables = self::connection()->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns WHERE column_name = 'gym_id' AND table_schema = DATABASE()",
        );
        self::assertGreaterThan(20, \count($tables));
        foreach ($tables as $table) {
            self::assertSame(0, $this->rowsOf($id, \is_string($table) ? $table : ''));
        }
        self::assertNull($this->send('GET', '/api/me')['coach']);
        self::assertSame([0, 'There is no such gym: nothing was done.'], $this->console('gym:remove', ['name' => $gym, '--yes' => true]));
    }

    /** The list of tables is written by hand: one that is new must be in it. */
    public function testEveryTableOfAGymIsCleared(): void
    {
        $tables = self::connection()->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns WHERE column_name = 'gym_id' AND table_schema = DATABASE()",
        );
        $cleared = (new \ReflectionClassConstant(GymRows::class, 'TABLES'))->getValue();
        self::assertIsArray($cleared);
        self::assertEqualsCanonicalizing($tables, $cleared);
    }

    /**
     * @param array<string, string> $instead
     *
     * @return array{int, string}
     */
    private function make(string $gym, string $email, array $instead = [], string $password = self::PASSWORD): array
    {
        return $this->console('gym:new', $instead + [
            'name' => $gym,
            '--zone' => 'Europe/Madrid',
            '--unit' => 'ft-in',
            '--email' => $email,
            '--coach' => 'Ada Wick',
        ], $password);
    }

    /**
     * @return array{string, string} of a gym and of its first coach, that nobody has yet
     */
    private function newNames(): array
    {
        $id = substr(self::id(), -8);

        return ["Quay $id", "ada.$id@gym.example"];
    }

    private function rowsOf(string $gym, string $table): int
    {
        $rows = self::connection()->fetchOne("SELECT COUNT(*) FROM $table WHERE gym_id = ?", [$gym]);

        return is_numeric($rows) ? (int) $rows : -1;
    }

    private function signIn(string $email, string $password, int $status): void
    {
        $this->send('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
        $this->assertStatus($status);
    }

    /**
     * @param array<string, string|true> $given
     *
     * @return array{int, string} exit code, and what it said
     */
    private function console(string $command, array $given = [], string $password = ''): array
    {
        $kernel = self::$kernel ?? throw new \LogicException('no kernel');
        $tester = new CommandTester((new Application($kernel))->find('zumbo:'.$command));
        $tester->setInputs([$password]);
        $exit = $tester->execute($given);
        self::service(GymScope::class)->leave();

        return [$exit, trim($tester->getDisplay())];
    }
}
