<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\SignIn;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Shared\SignedInCoach;
use Zumbo\App\SignIn\CoachProvider;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\App\Tests\Fake\CountingHasherFactory;

final class SignInTest extends ApiTestCase
{
    private const PASSWORD = 'harbour rope 14';

    public function testSigningInAndOutAgain(): void
    {
        $coach = $this->coach();
        self::assertSame(['coach' => null, 'gym' => null], $this->send('GET', '/api/me'));
        $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => self::PASSWORD]);
        $this->assertStatus(204);
        $me = $this->send('GET', '/api/me');
        self::assertSame(['id' => $coach->id()->toRfc4122(), 'name' => 'Some Coach', 'role' => 'coach'], $me['coach']);
        self::assertSame('Europe/London', $me['gym']['timeZone']);
        $this->send('POST', '/api/sign-out');
        $this->assertStatus(204);
        self::assertNull($this->send('GET', '/api/me')['coach']);
    }

    public function testAWrongPasswordAndAnUnknownEmailAreToldTheSame(): void
    {
        $coach = $this->coach();
        $wrong = $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => 'wrong']);
        $this->assertStatus(401);
        $unknown = $this->send('POST', '/api/sign-in', [
            'email' => self::id().'@nowhere.example',
            'password' => 'wrong',
        ]);
        $this->assertStatus(401);
        self::assertSame($wrong, $unknown);
    }

    /**
     * Counted instead of timed: the answer to an unknown e-mail costs one hash, as a wrong password costs one check.
     */
    public function testAnUnknownEmailCostsAHashLikeAKnownOne(): void
    {
        $hashers = new CountingHasherFactory(self::service(PasswordHasherFactoryInterface::class));
        $provider = new CoachProvider(self::service(Coaches::class), $hashers);
        try {
            $provider->loadUserByIdentifier(self::id().'@nowhere.example');
            self::fail('somebody was found');
        } catch (UserNotFoundException) {
        }
        self::assertSame(1, $hashers->hashed);
    }

    public function testPasswordsAreHashedWithArgon2id(): void
    {
        self::assertStringStartsWith('$argon2id$v=19$m=19456,t=3,', self::hash());
    }

    public function testTheSixthAttemptInAMinuteHasToWait(): void
    {
        $coach = $this->coach();
        for ($i = 0; $i < 5; ++$i) {
            $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => 'wrong']);
            $this->assertStatus(401);
        }
        $problem = $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => self::PASSWORD]);
        $this->assertStatus(429);
        self::assertStringContainsString('wait a minute', $problem['detail']);
    }

    public function testOneAccountHasOneCountOfAttemptsHoweverItIsTyped(): void
    {
        $coach = $this->newCoach($this->newGym(), Role::Coach, self::hash(), email: 'elke'.bin2hex(random_bytes(3)).'@harbour.example');
        $email = $coach->email();
        $wide = str_replace('elke', 'ｅｌｋｅ', $email);
        foreach ([$email, ' '.$email, $email.'  ', strtoupper($email), $wide] as $typed) {
            $this->send('POST', '/api/sign-in', ['email' => $typed, 'password' => 'wrong']);
            $this->assertStatus(401);
        }
        $this->send('POST', '/api/sign-in', ['email' => $wide, 'password' => self::PASSWORD]);
        $this->assertStatus(429);
    }

    public function testWhatTheDatabaseTakesForTheSameIsAnotherAccount(): void
    {
        $email = 'elke'.bin2hex(random_bytes(3)).'@harbour.example';
        $this->newCoach($this->newGym(), Role::Coach, self::hash(), email: $email);
        $this->send('POST', '/api/sign-in', ['email' => str_replace('elke', 'elké', $email), 'password' => self::PASSWORD]);
        $this->assertStatus(401);
        $this->send('POST', '/api/sign-in', ['email' => ' '.strtoupper($email).' ', 'password' => self::PASSWORD]);
        $this->assertStatus(204);
    }

    public function testGuessesAtOneAccountLockNobodyElseBehindTheSameRouterOut(): void
    {
        for ($i = 0; $i < 40; ++$i) {
            $this->send('POST', '/api/sign-in', ['email' => "nobody$i@harbour.example", 'password' => 'wrong']);
            $this->assertStatus(401);
        }
        $coach = $this->coach();
        $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => self::PASSWORD]);
        $this->assertStatus(204);
    }

    public function testTheSessionHoldsNoPasswordHashAndEndsWithThePassword(): void
    {
        $coach = $this->coach();
        $kept = serialize(SignedInCoach::of($coach));
        self::assertStringNotContainsString('argon2', $kept);
        $back = unserialize($kept);
        self::assertInstanceOf(SignedInCoach::class, $back);
        self::assertTrue($back->isEqualTo(SignedInCoach::of($coach)));
        self::assertSame([(string) $coach->id(), ['ROLE_COACH']], [(string) $back->id, $back->getRoles()]);
        $this->send('POST', '/api/sign-in', ['email' => $coach->email(), 'password' => self::PASSWORD]);
        self::connection()->update('coach', ['password_hash' => 'another'], ['id' => $coach->id()->toBinary()]);
        self::assertNull($this->send('GET', '/api/me')['coach']);
    }

    public function testABodyThatIsNoSignInIsRefused(): void
    {
        foreach (['{}', '{"email": 1, "password": 2}', 'x'] as $body) {
            $this->send('POST', '/api/sign-in', $body);
            self::assertContains($this->response()->getStatusCode(), [400, 401], $body);
        }
    }

    /**
     * A page of another site can send cookies, but neither our header nor our origin.
     */
    public function testChangesFromAnotherSiteAreRefusedEvenAtSignIn(): void
    {
        $coach = $this->coach();
        $credentials = ['email' => $coach->email(), 'password' => self::PASSWORD];
        foreach (
            [
                ['Origin' => 'http://evil.example'],
                ['csrf-token' => ''],
                ['Sec-Fetch-Site' => 'cross-site'],
                ['Origin' => '', 'Sec-Fetch-Site' => 'same-site'],
            ] as $headers
        ) {
            $this->send('POST', '/api/sign-in', $credentials, $headers);
            $this->assertStatus(403);
        }
        $this->signInto();
        $this->send('PUT', '/api/athletes/'.self::id(), self::athlete(), [
            'Origin' => 'http://evil.example',
            'Referer' => 'http://evil.example/page',
        ]);
        $this->assertStatus(403);
        self::assertSame([], $this->send('GET', '/api/athletes'));
    }

    public function testAChangedRoleCountsAtOnce(): void
    {
        $coach = $this->coach();
        $this->browser->loginUser(SignedInCoach::of($coach), 'api');
        $this->newAthlete();
        self::connection()->update('coach', ['role' => 'helper'], ['id' => $coach->id()->toBinary()]);
        $this->send('PUT', '/api/athletes/'.self::id(), self::athlete());
        self::assertContains($this->response()->getStatusCode(), [401, 403]);
    }

    private function coach(): Coach
    {
        return $this->newCoach($this->newGym(), Role::Coach, self::hash());
    }

    private static function hash(): string
    {
        return self::service(PasswordHasherFactoryInterface::class)
            ->getPasswordHasher(SignedInCoach::class)
            ->hash(self::PASSWORD);
    }
}
