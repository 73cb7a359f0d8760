<?php

/* Letting in the other devices of the house. */
return [
    'no device' => 'No device is connected.',
    'not paired' => 'This device is not paired with Inch Ladder, or was disconnected. Pair it with a code from the computer.',
    'may not pair' => 'This device may not connect others. That is done at the computer, or on a device that was given the right to.',
    'kind' => ['phone' => 'Phone', 'tablet' => 'Tablet', 'computer' => 'Other computer'],
    'seen' => [
        'now' => 'here now',
        'minutes' => ':count minutes ago',
        'hours' => ':count hour ago|:count hours ago',
        'days' => ':count days ago',
    ],
    'closed' => 'Five wrong codes were typed. No device can be connected for another minute.|Five wrong codes were typed. No device can be connected for another :count minutes.',
    'page' => [
        'title' => 'Pair this device',
        'what' => 'On the computer, open Settings and choose “Connect a phone”. Type the six digits it shows.',
        'code' => 'Code',
        'name' => 'Name of this device',
        'pair' => 'Pair',
        'trust' => 'Trusting the certificate',
        'why' => 'The connection is encrypted with a certificate that this house made for itself. Once your device trusts it, the browser no longer warns. The screen stays awake at the easel, and pages open without the network.',
        'get' => 'Fetch the certificate',
        'steps' => [
            'Fetch it here, and let the device keep it.',
            'In the device’s settings, look for the certificate or profile that was just fetched, and install it as an authority.',
            'On some phones it must be switched on once more, under trusted certificates. Compare the fingerprint first.',
        ],
        'fingerprint' => 'Fingerprint (SHA-256). The computer’s Settings show the same:',
    ],
];
