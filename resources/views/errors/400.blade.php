<x-message title="This cannot be read">What was sent holds bytes that are no text. Go back, and type or paste it anew.</x-message>
