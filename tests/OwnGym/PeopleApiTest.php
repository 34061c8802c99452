<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Who may sign in to a gym: let in by a link, changed, let out again; a forgotten password.
 */
final class PeopleApiTest extends ApiTestCase
{
    private const SECRET = 'abcdefghijklmnopqrstuv_-1';
    private const PASSWORD = ['password' => 'a rope of my own', 'again' => 'a rope of my own'];

    public function testAnInvitationLetsOnePersonInOnce(): void
    {
        $gym = $this->signInto(name: 'Ada Wick');
        $link = $this->invite($gym, 'helper', 'Bo Tarn');
        self::assertSame(['helper', 'Bo Tarn', 'Ada Wick'], $this->said($link));
        $email = $this->email();
        $bo = ['coachId' => self::id(), 'coach' => ['email' => $email, 'name' => 'Bo Tarn', 'password' => self::PASSWORD]];
        $this->send('POST', '/api/join', ['link' => $link] + $bo);
        $this->assertStatus(204);
        $this->send('POST', '/api/join', ['link' => $link] + $bo);
        $this->assertStatus(204);
        $this->send('POST', '/api/join', ['link' => $link, 'coachId' => self::id(), 'coach' => ['email' => 'x'.$email] + $bo['coach']]);
        $this->assertStatus(404);
        $this->send('POST', '/api/way-in', $link);
        $this->assertStatus(404);
        $people = $this->send('GET', '/api/people');
        self::assertSame([['Ada Wick', 'owner'], ['Bo Tarn', 'helper']], array_map(
            static fn (array $one): array => [$one['name'], $one['role']],
            $people['people'],
        ));
        self::assertSame([], $people['links']);
        $this->signIn($email, 'a rope of my own', 204);
        self::assertSame('helper', $this->send('GET', '/api/me')['coach']['role']);
    }

    public function testALinkThatIsNotGoodSaysNothingOfTheGym(): void
    {
        $gym = $this->signInto();
        $link = $this->invite($gym, 'coach');
        $other = $this->newGym();
        foreach ([
            ['secret' => str_replace('a', 'b', self::SECRET)] + $link,
            ['id' => self::id()] + $link,
            ['gym' => $other->toRfc4122()] + $link,
            ['gym' => self::id()] + $link,
        ] as $wrong) {
            $answer = $this->send('POST', '/api/way-in', $wrong);
            $this->assertStatus(404);
            self::assertStringNotContainsString('Test gym', $answer['detail']);
            $this->send('POST', '/api/join', [
                'link' => $wrong,
                'coachId' => self::id(),
                'coach' => ['email' => $this->email(), 'name' => 'Eve', 'password' => self::PASSWORD],
            ]);
            $this->assertStatus(404);
        }
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => self::PASSWORD]);
        $this->assertStatus(404);
        self::assertCount(1, $this->send('GET', '/api/people')['people']);
        self::assertStringNotContainsString(self::SECRET, (string) json_encode(
            self::connection()->fetchAllAssociative('SELECT HEX(secret_hash), name FROM way_in WHERE gym_id = ?', [$gym->toBinary()]),
        ));
    }

    public function testALinkIsTakenBackAndGetsTooOld(): void
    {
        $gym = $this->signInto();
        $link = $this->invite($gym, 'coach');
        $this->send('DELETE', '/api/links/'.$link['id'], null, self::change(1));
        $this->assertStatus(204);
        $this->send('POST', '/api/way-in', $link);
        $this->assertStatus(404);
        $old = $this->invite($gym, 'coach');
        $this->send('POST', '/api/way-in', $old);
        $this->assertStatus(200);
        $this->age($old);
        $this->send('POST', '/api/way-in', $old);
        $this->assertStatus(404);
        self::assertSame([], $this->send('GET', '/api/people')['links']);
    }

    public function testSomebodyWhoForgotTheirPasswordGetsALinkToANewOne(): void
    {
        $gym = $this->signInto();
        [$bo, $email] = $this->someone($gym, Role::Coach, 'the old password');
        $link = ['gym' => $gym->toRfc4122(), 'id' => self::id(), 'secret' => self::SECRET];
        $this->send('PUT', '/api/resets/'.$link['id'], ['coachId' => $bo->id()->toRfc4122(), 'secret' => self::SECRET]);
        $this->assertStatus(201);
        self::assertSame(['reset', $email], array_values(array_intersect_key(
            $this->send('POST', '/api/way-in', $link),
            ['kind' => 1, 'email' => 1],
        )));
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => ['again' => 'another thing'] + self::PASSWORD]);
        $this->assertProblem('password.again');
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => self::PASSWORD]);
        $this->assertStatus(204);
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => self::PASSWORD]);
        $this->assertStatus(404);
        $this->signIn($email, 'the old password', 401);
        $this->signIn($email, 'a rope of my own', 204);
    }

    public function testALinkToANewPasswordIsDeadOnceThereIsOne(): void
    {
        $gym = $this->signInto();
        [$bo, $email] = $this->someone($gym, Role::Coach, 'the old password');
        $link = ['gym' => $gym->toRfc4122(), 'id' => self::id(), 'secret' => self::SECRET];
        $this->send('PUT', '/api/resets/'.$link['id'], ['coachId' => $bo->id()->toRfc4122(), 'secret' => self::SECRET]);
        $this->signIn($email, 'the old password', 204);
        $this->send('POST', '/api/me/password', ['current' => 'the old password', 'password' => self::PASSWORD]);
        $this->assertStatus(204);
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => self::PASSWORD]);
        $this->assertStatus(404);
    }

    /** Whoever holds an invitation learns of few e-mails whether somebody signs in by them. */
    public function testJoiningIsTriedAFewTimesAMinute(): void
    {
        $gym = $this->signInto();
        [, $taken] = $this->someone($gym, Role::Coach, 'the old password');
        $link = $this->invite($gym, 'helper', 'Bo Tarn');
        $said = [];
        for ($try = 0; $try < 12; ++$try) {
            $bo = ['email' => $taken, 'name' => 'Bo', 'password' => self::PASSWORD];
            $this->send('POST', '/api/join', ['link' => $link, 'coachId' => self::id(), 'coach' => $bo]);
            $said[] = $this->response()->getStatusCode();
        }
        self::assertSame([422, 429], array_values(array_unique($said)));
        self::assertLessThanOrEqual(10, \count(array_keys($said, 422, true)));
    }

    public function testARemovedCoachsResetLinkIsDead(): void
    {
        $gym = $this->signInto();
        [$bo] = $this->someone($gym, Role::Coach, 'the old password');
        $link = ['gym' => $gym->toRfc4122(), 'id' => self::id(), 'secret' => self::SECRET];
        $this->send('PUT', '/api/resets/'.$link['id'], ['coachId' => $bo->id()->toRfc4122(), 'secret' => self::SECRET]);
        $this->send('DELETE', '/api/people/'.$bo->id()->toRfc4122(), null, self::change(1));
        $this->assertStatus(204);
        $this->send('POST', '/api/reset', ['link' => $link, 'password' => self::PASSWORD]);
        $this->assertStatus(404);
    }

    public function testRolesChangeAtOnceAndTheLastOwnerStays(): void
    {
        $gym = $this->signInto(name: 'Ada Wick');
        [$bo] = $this->someone($gym, Role::Coach, 'none');
        [$ada] = array_column($this->send('GET', '/api/people')['people'], 'id');
        $path = '/api/people/'.$bo->id()->toRfc4122();
        foreach (['PATCH' => ['role' => 'coach'], 'DELETE' => null] as $method => $body) {
            $this->send($method, '/api/people/'.$ada, $body, self::change(1));
            $this->assertProblem('PATCH' === $method ? 'role' : 'name', 'another owner first');
        }
        self::assertSame('owner', $this->send('PATCH', $path, ['role' => 'owner'], self::change(1))['role']);
        $this->send('PATCH', $path, ['role' => 'boss'], self::change(2));
        $this->assertProblem('role');
        $this->send('PATCH', $path, ['role' => 'helper'], self::change(1));
        $this->assertStatus(409);
        $this->send('DELETE', '/api/people/'.$ada, null, self::change(1));
        $this->assertStatus(204);
        $this->send('GET', '/api/people');
        $this->assertStatus(401);
    }

    public function testAnInvitationToAnotherGymIsTakenUpByWhoeverIsSignedIn(): void
    {
        $theirs = $this->signInto();
        $link = $this->invite($theirs, 'coach');
        $this->signInto();
        self::assertSame('invitation', $this->send('POST', '/api/way-in', $link)['kind']);
        $this->send('POST', '/api/join', [
            'link' => $link,
            'coachId' => self::id(),
            'coach' => ['email' => $this->email(), 'name' => 'Bo', 'password' => self::PASSWORD],
        ]);
        $this->assertStatus(204);
        self::assertSame(2, (int) self::connection()->fetchOne('SELECT COUNT(*) FROM coach WHERE gym_id = ?', [$theirs->toBinary()]));
    }

    /** Together with the attempts to sign in from there. */
    public function testWhoeverTriesLinksOneAfterTheOtherHasToWait(): void
    {
        $link = ['gym' => self::id(), 'id' => self::id(), 'secret' => self::SECRET];
        for ($i = 0; $i < 150; ++$i) {
            $this->send('POST', '/api/way-in', $link);
        }
        $this->assertStatus(404);
        $this->send('POST', '/api/way-in', $link);
        $this->assertStatus(429);
        $this->send('POST', '/api/sign-in', ['email' => 'a@b.example', 'password' => 'x']);
        $this->assertStatus(429);
    }

    /**
     * @return array{gym: string, id: string, secret: string}
     */
    private function invite(Uuid $gym, string $role, string $name = ''): array
    {
        $id = self::id();
        $body = ['role' => $role, 'name' => $name, 'secret' => self::SECRET];
        $this->send('PUT', '/api/invitations/'.$id, $body);
        $this->assertStatus(201);
        $this->send('PUT', '/api/invitations/'.$id, $body);
        $this->assertStatus(200);

        return ['gym' => $gym->toRfc4122(), 'id' => $id, 'secret' => self::SECRET];
    }

    /**
     * @param array<string, string> $link
     *
     * @return list<string>
     */
    private function said(array $link): array
    {
        $told = $this->send('POST', '/api/way-in', $link);
        $this->assertStatus(200);

        return [$told['role'], $told['name'], $told['madeBy']];
    }

    /** @param array<string, string> $link */
    private function age(array $link): void
    {
        self::connection()->executeStatement('UPDATE way_in SET expires_at = ? WHERE id = ?', [
            gmdate('Y-m-d H:i:s', time() - 1),
            Uuid::fromString($link['id'])->toBinary(),
        ]);
    }

    /**
     * @return array{Coach, string} and their e-mail
     */
    private function someone(Uuid $gym, Role $role, string $password): array
    {
        $hash = password_hash($password, \PASSWORD_ARGON2ID, ['memory_cost' => 19456, 'time_cost' => 3]);
        $email = $this->email();

        return [$this->newCoach($gym, $role, $hash, 'Bo Tarn', $email), $email];
    }

    private function email(): string
    {
        return 'bo.'.substr(self::id(), -8).'@gym.example';
    }

    private function signIn(string $email, string $password, int $status): void
    {
        $this->send('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
        $this->assertStatus($status);
    }
}
