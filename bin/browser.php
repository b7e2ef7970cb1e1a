<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/** Headless Chromium of 1280 × 800 for the scripts here, once the program and the driver answer: both may only just be starting. */
function headless(string $base, string $driver): RemoteWebDriver
{
    $options = (new ChromeOptions())->setBinary('/usr/bin/chromium');
    $options->addArguments(['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--window-size=1280,800']);
    $capabilities = DesiredCapabilities::chrome();
    $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
    for ($tries = 0; ; ++$tries) {
        try {
            json_decode((string) @file_get_contents($base.'/api/health'), false, 64, JSON_THROW_ON_ERROR);
            $browser = RemoteWebDriver::create($driver, $capabilities, 60_000, 120_000);
            break;
        } catch (Throwable $error) {
            $tries < 60 ? usleep(250_000) : throw $error;
        }
    }
    $browser->manage()->timeouts()->implicitlyWait(15); // a page may still be fetching what is to be pressed
    $browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
    [$width, $height] = $browser->executeScript('return [innerWidth, innerHeight]');
    $browser->manage()->window()->setSize(new WebDriverDimension(1280 + 1280 - $width, 800 + 800 - $height));

    return $browser;
}
