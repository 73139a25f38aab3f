<x-message title="This cannot be saved">{{ $says ?? 'Something in it goes beyond a limit. Nothing was changed.' }}</x-message>
