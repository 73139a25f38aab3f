<?php

declare(strict_types=1);

// How a tablet comes to trust a network that is its own authority.
return [
    'before-pairing' => 'This network makes its own certificates. A tablet must trust them once, before it is paired: then it is not warned, and the Mat works on it without a network.',
    'caution' => 'Do this only on devices of the school, and only on the school’s own network. Whoever holds the key of this authority, which never leaves the server, could make certificates that these devices believe.',
    'certificate' => 'Get the certificate',
    'lead' => 'The school’s server, :host, makes its own certificates, since no public authority gives one for a name that only this network knows. Each device must trust it once.',
    'picture' => 'A code that opens :address',
    'show' => 'Show how.',
    'steps' => [
        'Open this page on the tablet: point its camera at the code, or type the address below it.',
        'Press “Get the certificate” there, and install it as a certificate of an authority. The list below says where.',
        'Press “Open the school”. No warning comes any more; pair the tablet now.',
    ],
    'systems' => [
        'Android' => 'Settings → Security → More security settings → Encryption and credentials → Install a certificate → CA certificate. Choose root.crt among the downloads.',
        'iPad, iPhone' => 'Allow the download; then Settings → Profile downloaded → Install. After that Settings → General → About → Certificate trust settings, and switch it on.',
        'Windows' => 'Open root.crt → Install certificate → Local machine → Place all certificates in the following store → Trusted root certification authorities.',
        'Mac' => 'Open root.crt; in Keychain Access open it, and choose “Always trust” under Trust.',
        'Linux' => 'Copy root.crt to /usr/local/share/ca-certificates/ and run update-ca-certificates. Firefox has its own list: Settings → Certificates → Authorities → Import.',
    ],
    'title' => 'Trust this network',
    'try' => 'Open the school',
    'where' => 'Where it is installed',
];
