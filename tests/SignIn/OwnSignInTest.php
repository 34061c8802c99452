<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\SignIn;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\SignIn\Own\DeviceName;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What a coach does about their own sign-in: another password, a look at where they are signed in.
 */
final class OwnSignInTest extends ApiTestCase
{
    private const OLD = 'the old password';
    private const NEW = ['password' => 'a rope of my own', 'again' => 'a rope of my own'];

    public function testAnotherPasswordEndsTheOtherSessionsAndThisOneGoesOn(): void
    {
        [$email] = $this->coachSignsIn();
        $elsewhere = $this->browser->getCookieJar()->all();
        $this->browser->getCookieJar()->clear();
        $this->signIn($email, self::OLD, 204);
        $this->send('POST', '/api/me/password', ['current' => self::OLD, 'password' => self::NEW]);
        $this->assertStatus(204);
        self::assertSame('Bo Tarn', $this->send('GET', '/api/me')['coach']['name'] ?? null, 'who changed it is still signed in');
        $this->browser->getCookieJar()->clear();
        foreach ($elsewhere as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
        }
        self::assertNull($this->send('GET', '/api/me')['coach'], 'the other device is not');
        $this->signIn($email, self::OLD, 401);
        $this->signIn($email, 'a rope of my own', 204);
    }

    public function testTheOldPasswordIsAskedForAndTheNewOneTwice(): void
    {
        $this->coachSignsIn();
        $this->send('POST', '/api/me/password', ['current' => 'a guess', 'password' => self::NEW]);
        $this->assertProblem('current', 'not your password');
        self::assertStringNotContainsString('a guess', $this->body());
        $this->send('POST', '/api/me/password', ['current' => self::OLD, 'password' => ['again' => 'something else'] + self::NEW]);
        $this->assertProblem('password.again');
        $this->send('POST', '/api/me/password', ['current' => self::OLD, 'password' => ['password' => 'short', 'again' => 'short']]);
        $this->assertProblem('password.password');
    }

    /** The store of sessions is a file in the tests: its row is written here, as it is in the database otherwise. */
    public function testASessionIsListedAndEndedFromAnotherDevice(): void
    {
        [$email, $gym, $coach] = $this->coachSignsIn('Mozilla/5.0 (Linux; Android 15) Chrome/140 Mobile Safari/537');
        $first = $this->keepSession($coach);
        $this->browser->getCookieJar()->clear();
        $this->signIn($email, self::OLD, 204, 'Mozilla/5.0 (X11; Linux x86_64; rv:140) Gecko/20100101 Firefox/140');
        $this->keepSession($coach);
        $this->signIn($email, self::OLD, 204, 'Mozilla/5.0 (X11; Linux x86_64; rv:140) Gecko/20100101 Firefox/140');
        $listed = $this->send('GET', '/api/me/sessions');
        self::assertEqualsCanonicalizing(
            [['Chrome on Android', false], ['Firefox on Linux', true]],
            array_map(static fn (array $one): array => [$one['device'], $one['here']], $listed),
        );
        $phone = array_column($listed, 'id', 'device')['Chrome on Android'];
        $other = $this->newCoach($gym, Role::Owner);
        $this->send('DELETE', '/api/sessions/'.$phone);
        $this->assertStatus(204);
        self::assertFalse(self::connection()->fetchOne('SELECT 1 FROM sessions WHERE sess_id = ?', [$first]));
        self::assertCount(1, $this->send('GET', '/api/me/sessions'));
        $here = array_column($listed, 'id', 'device')['Firefox on Linux'];
        $this->browser->loginUser(\Zumbo\App\Shared\SignedInCoach::of($other), 'api');
        self::assertSame([], $this->send('GET', '/api/me/sessions'));
        $this->send('DELETE', '/api/sessions/'.$here);
        $this->assertStatus(404);
    }

    /** Common practice, no published source: shortened from what browsers send. */
    #[DataProvider('devices')]
    public function testADeviceIsNamedSoThatOneKnowsIt(string $userAgent, string $name): void
    {
        self::assertSame($name, DeviceName::of($userAgent));
    }

    /**
     * @return iterable<array{string, string}>
     */
    public static function devices(): iterable
    {
        yield ['Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Version/18.0 Mobile/15E148 Safari/604.1', 'Safari on iPhone'];
        yield ['Mozilla/5.0 (iPad; CPU OS 18_0 like Mac OS X) CriOS/140.0 Mobile/15E148 Safari/604.1', 'Chrome on iPad'];
        yield ['Mozilla/5.0 (Windows NT 10.0; Win64; x64) Chrome/140.0 Safari/537.36 Edg/140.0', 'Edge on Windows'];
        yield ['Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) Version/18.0 Safari/605.1.15', 'Safari on Mac'];
        yield ['', 'A browser on a device'];
    }

    /**
     * @return array{string, Uuid, Uuid} e-mail, gym and id
     */
    private function coachSignsIn(string $userAgent = ''): array
    {
        $gym = $this->newGym();
        $hash = password_hash(self::OLD, \PASSWORD_ARGON2ID, ['memory_cost' => 19456, 'time_cost' => 3]);
        $coach = $this->newCoach($gym, Role::Helper, $hash, 'Bo Tarn');
        $this->signIn($coach->email(), self::OLD, 204, $userAgent);

        return [$coach->email(), $gym, $coach->id()];
    }

    private function signIn(string $email, string $password, int $status, string $userAgent = ''): void
    {
        $this->send('POST', '/api/sign-in', ['email' => $email, 'password' => $password], ['User-Agent' => $userAgent]);
        $this->assertStatus($status);
    }

    private function keepSession(Uuid $coach): string
    {
        $id = self::connection()->fetchOne(
            'SELECT session_id FROM signed_in_device WHERE coach_id = ? ORDER BY id DESC LIMIT 1',
            [$coach->toBinary()],
        );
        self::assertIsString($id);
        self::connection()->insert('sessions', [
            'sess_id' => $id,
            'sess_data' => '',
            'sess_lifetime' => time() + 3600,
            'sess_time' => time(),
        ]);

        return $id;
    }
}
