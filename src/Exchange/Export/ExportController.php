<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Export;

use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Exchange\Format\CsvWriter;
use Zumbo\App\Exchange\Format\HtmlWriter;
use Zumbo\App\Exchange\Format\JsonWriter;
use Zumbo\App\Exchange\Table\GymRows;
use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\CurrentCoach;

/**
 * Files that go out: what a gym keeps, of everybody or of one athlete. With the health notes, so for coaches.
 */
final readonly class ExportController
{
    private const IN_MEMORY_BYTES = 1_000_000;

    public function __construct(
        private GymRows $rows,
        private Gyms $gyms,
        private Athletes $athletes,
        private CurrentCoach $coach,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/export.json', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'application/json', says: 'Everything, or all of one athlete, as JSON.')]
    public function json(#[FromQuery] ExportInput $input = new ExportInput()): Response
    {
        $this->refuseUnknown($input);

        return self::file($this->name('', 'json'), 'application/json', $this->wholeJson($input));
    }

    #[Route('/api/export/{table}.csv', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'text/csv', says: 'One table as CSV.')]
    public function csv(string $table, #[FromQuery] ExportInput $input = new ExportInput()): Response
    {
        $known =
            Tables::all()[$table] ??
            throw BadField::of('table', $table, 'one of '.implode(', ', array_keys(Tables::all())));
        $this->refuseUnknown($input);

        return self::file($this->name($known->name, 'csv'), 'text/csv; charset=utf-8', $this->lines($known, $input));
    }

    /** All of it in one. */
    #[Route('/api/export.zip', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'application/zip', says: 'Everything in one archive: JSON, CSV, schema.')]
    public function zip(#[FromQuery] ExportInput $input = new ExportInput()): Response
    {
        $this->refuseUnknown($input);
        $files = ['zumbo.json' => $this->wholeJson($input)];
        foreach (Tables::all() as $table) {
            $files['tables/'.$table->name.'.csv'] = $this->lines($table, $input);
        }
        $response = new BinaryFileResponse(Bundle::packed($files, $this->gyms->current()->name(), $this->today()));
        $response->deleteFileAfterSend();
        $response->headers->set('Content-Type', 'application/zip');
        $response->headers->set('Content-Disposition', HeaderUtils::makeDisposition('attachment', $this->name('', 'zip')));
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** Of one athlete, for whoever asks what is kept of them. */
    #[Route('/api/export/{id}.html', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'text/html', says: 'All that is kept of one athlete, as a page to read.')]
    public function page(UuidV7 $id): Response
    {
        $athlete = $this->athletes->get($id);
        $tables = [];
        foreach (Tables::all() as $name => $table) {
            $rows = array_values([...$this->told($table, new ExportInput($id->toRfc4122()))]);
            if ([] !== $rows) {
                $tables[$name] = [$table, $rows];
            }
        }
        $page = HtmlWriter::page($athlete->profile()->name, $this->today(), $tables);

        return self::file($this->name($athlete->profile()->firstName(), 'html'), 'text/html; charset=utf-8', [$page]);
    }

    /** @return iterable<string> */
    private function wholeJson(ExportInput $input): iterable
    {
        $gym = $this->gyms->current();

        return JsonWriter::parts(
            ['name' => $gym->name(), 'time_zone' => $gym->timeZone(), 'unit' => $gym->unit()->value],
            fn (Table $table): iterable => $this->told($table, $input),
        );
    }

    /** @return iterable<string> */
    private function lines(Table $table, ExportInput $input): iterable
    {
        return CsvWriter::lines($table, $this->told($table, $input), $input->marked());
    }

    /** @return iterable<array<string, string|int|float|bool|list<string>|null>> */
    private function told(Table $table, ExportInput $input): iterable
    {
        return $table->forOwners && Role::Owner !== $this->coach->role() ? [] : $this->rows->present($table, $input->athlete());
    }

    /** "zumbo-quay-ropes-ropes-2026-11-24.csv": whose, what, and of which day. */
    private function name(string $table, string $ending): string
    {
        $gym = strtolower((new AsciiSlugger())->slug($this->gyms->current()->name())->toString());

        return implode('-', array_filter(['zumbo', $gym, $table, $this->today()], static fn (string $part): bool => '' !== $part))
            .'.'.$ending;
    }

    private function today(): string
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone())->format('Y-m-d');
    }

    private function refuseUnknown(ExportInput $input): void
    {
        if (null !== $input->athlete()) {
            $this->athletes->get($input->athlete());
        }
    }

    /**
     * @param iterable<string> $parts
     */
    private static function file(string $name, string $type, iterable $parts): Response
    {
        // Written down before it is sent: the gym is left before a stream would be read, and an error is still told as one.
        $file = fopen('php://temp/maxmemory:'.self::IN_MEMORY_BYTES, 'w+');
        if (false === $file) {
            throw new \RuntimeException('nothing can be written down for an export');
        }
        foreach ($parts as $part) {
            if (fwrite($file, $part) !== \strlen($part)) {
                throw new \RuntimeException('there is no room to write an export down');
            }
        }
        $bytes = (string) ftell($file);
        rewind($file);
        $response = new StreamedResponse(static function () use ($file): void {
            fpassthru($file);
            fclose($file);
        });
        $response->headers->set('Content-Length', $bytes);
        $response->headers->set('Content-Type', $type);
        $response->headers->set('Content-Disposition', HeaderUtils::makeDisposition('attachment', $name));
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }
}
