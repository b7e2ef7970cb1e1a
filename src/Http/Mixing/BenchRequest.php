<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Mixing;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadMixes;
use Inlaid\App\Http\Compute\AmountRequest;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Recipe\InvalidRecipe;

/**
 * Reads what lies on the mixing bench: materials, mixes of them, what is in pots and what there is to add.
 */
final readonly class BenchRequest
{
    /**
     * @param array<string, Material> $materials by id
     * @param array<string, Mixture>  $mixes     by id
     */
    private function __construct(private array $materials, private array $mixes, private Context $context)
    {
    }

    /**
     * @param array<string, Material> $materials by id
     */
    public static function of(array $materials, Context $context): self
    {
        return new self($materials, [], $context);
    }

    public static function read(Node $n, Context $context): self
    {
        $materials = array_column(
            array_map(static fn (Material $m): array => [$m->id, $m], $n->list('materials', (new ReadMaterial())->read(...))),
            1,
            0,
        );

        return new self($materials, $n->has('mixes') ? (new ReadMixes())->read($n, $materials) : [], $context);
    }

    public function mix(Node $n, string $name): FlatMix
    {
        return (new FlattenMix())->flatten((new ReadMixes())->named(
            $n->child($name),
            $this->materials,
            fn (string $id): ?Mixture => $this->mixes[$id] ?? null,
        ));
    }

    public function material(Node $n, string $name): Material
    {
        return $this->materials[$n->id($name)] ?? $n->refuse($name, InvalidRecipe::missing('material', $n->id($name))->getMessage());
    }

    public function contents(Node $n, string $name): Contents
    {
        return Contents::of($n->list($name, $this->portion(...), 40));
    }

    /**
     * @return array<string, BigRational> grams by material id
     */
    public function have(Node $n): array
    {
        $have = [];
        foreach ($n->has('have') ? $n->list('have', $this->portion(...), 40) : [] as $portion) {
            $have[$portion->material->id] = ($have[$portion->material->id] ?? BigRational::zero())->plus($portion->grams);
        }

        return $have;
    }

    /** ml. */
    public function volume(Node $n, string $name): BigRational
    {
        return $this->amount($n, $name, Dimension::Volume);
    }

    /** g. */
    public function grams(Node $n, string $name): BigRational
    {
        return $this->amount($n, $name, Dimension::Mass);
    }

    private function portion(Node $n): Portion
    {
        $material = $this->material($n->fields('material', 'amount'), 'material');

        return Portion::of($material, $material->body->inGrams(AmountRequest::read($n, 'amount', $this->context)));
    }

    private function amount(Node $n, string $name, Dimension $dimension): BigRational
    {
        $amount = AmountRequest::read($n, $name, $this->context);

        return $dimension === $amount->dimension
            ? $amount->amount
            : $n->refuse($name, InvalidMeasure::wrongDimension($dimension)->getMessage());
    }
}
