<?php

declare(strict_types=1);

namespace Zumbo\App\Calc;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Registry;

/**
 * The computations of `./zumbo calc` over HTTP: same names, same fields, same refusals.
 */
final class CalcController
{
    private const DEEPEST = 32;

    /** As much as the screens ask for: here others wait, on a coach's own command line nobody does. */
    private const MOST = ['pace' => ['reps' => 200, 'rounds' => 10], 'scale' => ['reps' => 200]];

    #[Route('/api/calc/{name}', methods: ['POST'], requirements: ['name' => '[a-z-]{1,40}'])]
    #[IsGranted('ROLE_HELPER')]
    public function __invoke(string $name, Request $request): JsonResponse
    {
        $raw = json_decode($request->getContent(), true, self::DEEPEST);
        if (!\is_array($raw) || ([] !== $raw && array_is_list($raw))) {
            throw BadField::of('body', null, 'a JSON object, like {"stature_m": 1.75}');
        }
        foreach (self::MOST[$name] ?? [] as $field => $most) {
            if (is_numeric($raw[$field] ?? null) && $raw[$field] > $most) {
                throw BadField::of($field, $raw[$field], "at most $most here; ./zumbo calc $name takes more");
            }
        }
        try {
            $result = Registry::run($name, $raw);
        } catch (BadInput $e) {
            throw BadField::of($e->field, $e->given, $e->accepted, ucfirst($e->getMessage()).'.');
        }
        $response = new JsonResponse();
        $response->setEncodingOptions(\JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);

        return $response->setData($result);
    }
}
