<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\Bundle\BundlePlan;
use Inlaid\App\Store\Bundle\TakeBundle;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/bundles/plan', methods: 'POST')]
#[Describe('Preview the import of a bundle (application/zip)', takes: Describe::BUNDLE, gives: BundlePlan::class)]
final readonly class PlanBundle
{
    public function __construct(private TakeBundle $take)
    {
    }

    public function __invoke(Request $request): BundlePlan
    {
        return BundleSent::with($request, fn (ZipIn $zip): BundlePlan => $this->take->plan($zip));
    }
}
