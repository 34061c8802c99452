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

    #[Route('/api/calc/{name}', methods: ['POST'], requirements: ['name' => '[a-z-]{1,40}'])]
    #[IsGranted('ROLE_HELPER')]
    public function __invoke(string $name, Request $request): JsonResponse
    {
        $raw = json_decode($request->getContent(), true, self::DEEPEST);
        if (!\is_array($raw) || ([] !== $raw && array_is_list($raw))) {
            throw BadField::of('body', null, 'a JSON object, like {"stature_m": 1.75}');
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
