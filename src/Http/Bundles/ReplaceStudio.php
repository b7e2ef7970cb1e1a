<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Bundles\Data\StudioReplaced;
use Inlaid\App\Store\Bundle\TakeBundle;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/bundles/studio', methods: 'PUT')]
#[Describe(
    'Replace this studio (application/zip) after a backup; all or nothing; 409 if it holds much less, unless evenIfLess',
    takes: Describe::BUNDLE,
    gives: StudioReplaced::class,
    query: ['evenIfLess' => 'boolean'],
)]
final readonly class ReplaceStudio
{
    public function __construct(private TakeBundle $take)
    {
    }

    public function __invoke(Request $request): StudioReplaced
    {
        return new StudioReplaced(basename(BundleSent::with(
            $request,
            fn (ZipIn $zip): string => $this->take->replace($zip, $request->query->getBoolean('evenIfLess')),
        )));
    }
}
