CREATE TABLE "drawer" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"text" text NOT NULL,
	"version" integer NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL
);
