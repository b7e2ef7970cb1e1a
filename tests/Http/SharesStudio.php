<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

/**
 * One studio for all tests of a class, and recipe documents of its materials.
 */
trait SharesStudio
{
    private static Studio $studio;
    private static GivenDocuments $given;

    public static function setUpBeforeClass(): void
    {
        self::$studio = Studio::open();
        self::$given = GivenDocuments::of(self::$studio);
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->close();
    }
}
