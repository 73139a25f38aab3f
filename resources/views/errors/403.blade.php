<x-message title="Not yours to open">Your role does not reach here. A student sees her own ladder; assistants read and record; instructors write.</x-message>
