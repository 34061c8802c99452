<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\EventCsv;
use Zumbo\Core\Rhythm\EventCsvError;

/**
 * Event files of sensors, in and out. Nothing is kept, so they need no id.
 */
final readonly class EventFilesController
{
    /** The body is the file itself. */
    #[Route('/api/takes/from-csv', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TakeEventsView::class, says: 'A take out of a CSV file of events.')]
    #[Takes('text/csv')]
    public function read(Request $request): TakeEventsView
    {
        try {
            $take = EventCsv::read($request->getContent());
        } catch (EventCsvError $e) {
            throw BadField::of('events', $e->found, $e->accepted, ucfirst($e->getMessage()).'.');
        } catch (OutOfRange $e) {
            throw BadField::of('events', null, $e->accepted, ucfirst($e->getMessage()).'.');
        }

        return new TakeEventsView($take->turnsS, $take->landingsS);
    }

    #[Route('/api/takes/to-csv', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'text/csv', says: 'A take as a CSV file of events.')]
    public function write(#[FromBody] TakeInput $input): Response
    {
        $text = '';
        foreach (EventCsv::lines($input->take()) as $line) {
            $text .= $line;
        }

        return new Response($text, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                'zumbo-events.csv',
            ),
        ]);
    }
}
