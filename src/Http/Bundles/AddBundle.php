<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\Bundle\BundlePlan;
use Inlaid\App\Store\Bundle\TakeBundle;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/bundles', methods: 'POST')]
#[Describe(
    'Import recipes and boards of a bundle (application/zip); all or nothing',
    takes: Describe::BUNDLE,
    gives: BundlePlan::class,
    status: 201,
)]
final readonly class AddBundle
{
    public function __construct(private TakeBundle $take)
    {
    }

    public function __invoke(Request $request): BundlePlan
    {
        return BundleSent::with($request, fn (ZipIn $zip): BundlePlan => $this->take->add($zip));
    }
}
