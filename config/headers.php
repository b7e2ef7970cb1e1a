<?php

declare(strict_types=1);

// What a browser may do with any answer, of the program and of files alike. nginx gets the same (bin/lan.sh).
return [
    'Content-Security-Policy' => "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'",
    'X-Frame-Options' => 'DENY',
    'X-Content-Type-Options' => 'nosniff',
    'Referrer-Policy' => 'same-origin',
    'Cross-Origin-Opener-Policy' => 'same-origin',
    'Cross-Origin-Resource-Policy' => 'same-origin',
    'Permissions-Policy' => 'camera=(), geolocation=(), microphone=(), payment=(), usb=(), screen-wake-lock=(self)',
];
