<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\Core\Calc\CommandLine;

final class CalcApiTest extends ApiTestCase
{
    public function testAnswersWhatTheCommandLineAnswers(): void
    {
        $this->signInto(role: Role::Helper);
        $input = ['cable_length' => '240 cm', 'hand_span_m' => 0.9, 'points' => 7];
        $this->send('POST', '/api/calc/arc', $input);
        $this->assertStatus(200);
        $line = CommandLine::answer(['arc', '--json'], (string) json_encode($input))->out;
        self::assertSame(json_decode($line, true), json_decode((string) $this->response()->getContent(), true));
    }

    #[DataProvider('badInput')]
    public function testRefusesWithFieldValueAndAcceptedForm(string $name, string $body, string $field): void
    {
        $this->signInto();
        $problem = $this->send('POST', '/api/calc/'.$name, $body);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertNotEmpty($problem['errors'][0]['accepted']);
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function badInput(): iterable
    {
        yield 'a dwarf' => ['rope', '{"height": "19"}', 'height'];
        yield 'nothing' => ['rope', '{}', 'stature'];
        yield 'a huge number' => ['rope', '{"stature_m": 1e400}', 'stature_m'];
        yield 'unknown field' => ['rope', '{"stature_m": 1.75, "x": 1}', 'x'];
        yield 'more rounds than a screen asks for' => ['pace', '{"reps": 100, "rounds": 50}', 'rounds'];
        yield 'more reps' => ['scale', '{"reps": 1000}', 'reps'];
        yield 'unknown computation' => ['skip', '{}', 'calculation'];
        yield 'no object' => ['rope', '[1.75]', 'body'];
        yield 'no JSON' => ['rope', '{', 'body'];
        yield 'a cable shorter than the span' => ['arc', '{"cable_length_m": 0.5, "hand_span_m": 0.9}', 'input'];
    }
}
