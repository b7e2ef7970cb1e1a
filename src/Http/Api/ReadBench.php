<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadMaterial;
use Inlaid\App\Exchange\Document\ReadMixes;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\InvalidMeasure;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\ReadQuantity;
use Inlaid\Core\Mixing\Contents;
use Inlaid\Core\Mixing\FlatMix;
use Inlaid\Core\Mixing\FlattenMix;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Mixing\Portion;
use Inlaid\Core\Recipe\InvalidRecipe;

/**
 * Reads what lies on the mixing bench: materials, mixes of them, what is in pots and what there is to add.
 */
final readonly class ReadBench
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

    /**
     * @param list<Document> $materials
     * @param list<Document> $mixes
     *
     * @throws InvalidInput
     */
    public static function read(array $materials, array $mixes, Context $context): self
    {
        $json = static fn (Document $d): mixed => $d->json;
        $document = (object) ['materials' => array_map($json, $materials), 'mixes' => array_map($json, $mixes)];

        return Node::read($document, static function (Node $n) use ($context): self {
            $materials = array_column(
                array_map(static fn (Material $m): array => [$m->id, $m], $n->list('materials', (new ReadMaterial())->read(...))),
                1,
                0,
            );

            return new self($materials, (new ReadMixes())->read($n, $materials), $context);
        });
    }

    /**
     * @throws InvalidInput if it names nothing on the bench
     */
    public function named(Document $of): Material|Mixture
    {
        return $of->read(fn (Node $n): Material|Mixture => (new ReadMixes())->named(
            $n,
            $this->materials,
            fn (string $id): ?Mixture => $this->mixes[$id] ?? null,
        ));
    }

    public function mix(Document $of): FlatMix
    {
        return InvalidInput::around($of->pointer, fn (): FlatMix => (new FlattenMix())->flatten($this->named($of)));
    }

    /**
     * @throws InvalidInput if there is none with that id
     */
    public function material(string $id, string $pointer): Material
    {
        return $this->materials[$id] ?? throw InvalidInput::at($pointer, InvalidRecipe::missing('material', $id)->getMessage());
    }

    /**
     * @param list<MaterialAmount> $of
     *
     * @throws InvalidInput
     */
    public function contents(array $of, string $pointer): Contents
    {
        return Contents::of($this->portions($of, $pointer));
    }

    /**
     * @param list<MaterialAmount> $of
     *
     * @return array<string, BigRational> grams by material id
     *
     * @throws InvalidInput
     */
    public function have(array $of, string $pointer = '/have'): array
    {
        $have = [];
        foreach ($this->portions($of, $pointer) as $portion) {
            $have[$portion->material->id] = ($have[$portion->material->id] ?? BigRational::zero())->plus($portion->grams);
        }

        return $have;
    }

    /**
     * ml.
     *
     * @throws InvalidInput
     */
    public function volume(string $written, string $pointer): BigRational
    {
        return $this->amount($written, $pointer, Dimension::Volume);
    }

    /**
     * g.
     *
     * @throws InvalidInput
     */
    public function grams(string $written, string $pointer): BigRational
    {
        return $this->amount($written, $pointer, Dimension::Mass);
    }

    /**
     * An amount as a painter writes it, in the studio's measures.
     *
     * @throws InvalidInput
     */
    public function quantity(string $written, string $pointer): Quantity
    {
        return InvalidInput::around(
            $pointer,
            fn (): Quantity => (new ReadQuantity($this->context->units, $this->context->drop))->read($written),
        );
    }

    private function amount(string $written, string $pointer, Dimension $dimension): BigRational
    {
        $amount = $this->quantity($written, $pointer);

        return $dimension === $amount->dimension
            ? $amount->amount
            : throw InvalidInput::at($pointer, InvalidMeasure::wrongDimension($dimension)->getMessage());
    }

    /**
     * @param list<MaterialAmount> $of
     *
     * @return list<Portion>
     *
     * @throws InvalidInput with all of them that are wrong
     */
    private function portions(array $of, string $pointer): array
    {
        $portions = $wrong = [];
        foreach ($of as $i => $one) {
            try {
                $material = $this->material($one->material, "$pointer/$i/material");
                $amount = $this->quantity($one->amount, "$pointer/$i/amount");
                $portions[] = InvalidInput::around(
                    "$pointer/$i/amount",
                    static fn (): Portion => Portion::of($material, $material->body->inGrams($amount)),
                );
            } catch (InvalidInput $input) {
                array_push($wrong, ...$input->violations);
            }
        }

        return [] === $wrong ? $portions : throw new InvalidInput($wrong);
    }
}
