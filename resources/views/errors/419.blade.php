<x-message title="The page was open too long">Go back, reload and send it again; what you typed is still in the form.</x-message>
