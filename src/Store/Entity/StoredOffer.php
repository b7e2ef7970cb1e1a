<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * A link to a few finished pieces as they are painted, of which one is chosen. They are kept as they were when the link was made.
 */
#[ORM\Entity]
#[ORM\Table(name: 'offer')]
class StoredOffer extends ClientLink
{
    #[ORM\Column(length: 120)]
    public string $title;

    /** JSON: a list of {label, name, recipe, document, painting}. */
    #[ORM\Column(type: 'text')]
    public string $looks;

    #[ORM\Column(length: 1, nullable: true)]
    public ?string $choice = null;
}
