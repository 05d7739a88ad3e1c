CREATE TABLE "gone_builds" (
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE "builds" ADD COLUMN "deleted_at" timestamp with time zone;