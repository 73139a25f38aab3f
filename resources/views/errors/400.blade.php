<x-message title="This request cannot be read">It holds bytes that are not text, or it asks for a host that this school is not reached under. Go back and try again.</x-message>
