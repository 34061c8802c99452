<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;

/**
 * The API description as it is committed, for those who build on it.
 */
final readonly class DescriptionController
{
    public function __construct(#[Autowire('%kernel.project_dir%/api/openapi.json')] private string $file)
    {
    }

    #[Route('/api/openapi.json', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'application/json', says: 'This description.')]
    public function description(Request $request): Response
    {
        $json = (string) file_get_contents($this->file);
        $response = new Response($json, 200, ['Content-Type' => 'application/json']);
        $response->setEtag(hash('xxh128', $json));
        $response->setCache(['private' => true, 'no_cache' => true]);
        $response->isNotModified($request);

        return $response;
    }
}
