<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Ledger;

use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\PageRequest;
use Inlaid\App\Http\Ledger\Data\LedgerLine;
use Inlaid\App\Http\Ledger\Data\LedgerPage;
use Inlaid\App\Http\Ledger\Data\LedgerSum;
use Inlaid\App\Store\Entity\StoredEntry;
use Inlaid\App\Store\Ledger;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Stock\Account;
use Inlaid\Core\Stock\Balance;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/ledger', methods: 'GET')]
#[Describe('List stock history', gives: LedgerPage::class, query: ['page' => 'integer', 'pot' => 'string'])]
final readonly class ShowLedger
{
    public function __construct(private Ledger $ledger, private StudioContext $context)
    {
    }

    public function __invoke(Request $request): LedgerPage
    {
        $context = $this->context->own();
        $page = PageRequest::of($request);
        $pot = $request->query->getString('pot');
        [$total, $entries] = $this->ledger->entries('' === $pot ? null : $pot, $page);
        $balance = $this->ledger->balance();

        return new LedgerPage(
            total: $total,
            page: $page,
            size: Ledger::PAGE,
            entries: array_map(static fn (StoredEntry $e): LedgerLine => LedgerLine::of($e, $context->working->zone), $entries),
            materials: array_map(
                static fn (string $id): LedgerSum => self::sum($balance, $id),
                array_keys($balance->all(Account::bought())),
            ),
        );
    }

    private static function sum(Balance $balance, string $id): LedgerSum
    {
        $of = static fn (Account $a): string => ExactNumber::exact($balance->grams($a, $id));

        return new LedgerSum(
            material: $id,
            bought: $of(Account::bought()),
            shelf: $of(Account::shelf()),
            pots: ExactNumber::exact($balance->inPots($id)),
            used: $of(Account::used()),
            thrown: $of(Account::thrown()),
        );
    }
}
