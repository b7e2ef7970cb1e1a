<?php

declare(strict_types=1);

namespace Inlaid\Core;

/**
 * Base of every typed "no" of the core: the message is a sentence a painter understands.
 *
 * Callers that read documents catch this one type and add the place where it happened.
 */
abstract class ValidationError extends \DomainException
{
}
